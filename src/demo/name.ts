/** The name over the door of the demo shop: made up. */
export const demoShopName = 'Thistledown Tramway, paint shop';
