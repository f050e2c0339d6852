// In this project of tests every shop lies on the cluster.
process.env.OAK_TEST_STORE = 'postgres'
// To make the tables of a shop takes its time on a machine that is busy.
jest.setTimeout(30_000)
