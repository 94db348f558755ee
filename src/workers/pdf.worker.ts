// The library’s own worker, as a file of ours: the build finds it, and it is stored for work without a network.
import 'pdfjs-dist/legacy/build/pdf.worker.mjs';
