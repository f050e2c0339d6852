export { HomeScreen as default } from '../shop/home/HomeScreen'
