export const dynamic = 'force-dynamic';

/** Was this server started with the demo shop? Asked once, by a browser that holds nothing yet. */
export function GET() {
  return Response.json({ demo: process.env.FLUORITE_DEMO === '1' });
}
