export { HomeScreen as default } from '../home/HomeScreen'
