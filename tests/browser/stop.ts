export default async function start() {}
