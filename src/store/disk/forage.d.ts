/** The build without a promise of its own: every browser that runs this has one. */
declare module 'localforage/dist/localforage.nopromises.min' {
  import localforage from 'localforage';
  export default localforage;
}
