import { jobCost } from '@/core/money';
import { writeCostCsv } from './costcsv';

const cost = jobCost([
  { id: 'paint', what: '=Lacquer', quantity: 2e-3, unit: 'volume', price: 20_000, reckoned: true },
  { id: 'labour', what: 'spraying', quantity: 600, unit: 'time', reckoned: true },
]);

describe('the cost of a job as a table', () => {
  it('has a line an item, planned and found apart, and runs nothing in a spreadsheet', () => {
    const rows = writeCostCsv(cost, jobCost([]), 'EUR').split('\n');
    expect(rows).toEqual([
      'column,kind,what,quantity,unit,price,cost,currency',
      'planned,Paint and hardener,"\'=Lacquer",0.002,m³,20000,40,EUR',
      'planned,Hands,spraying,600,s,,,EUR',
    ]);
    expect(writeCostCsv(cost, cost, undefined).split('\n')).toHaveLength(5);
  });
});
