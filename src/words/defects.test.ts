import {
  askedGroups,
  findingGroups,
  groupOf,
  reworkOf,
  defectIds,
  cureStages,
  type Finding,
} from '@/core/diagnosis';
import { findingWords, questionWords, reworkWords } from './defects';

describe('findings in words', () => {
  it('every finding there can be reads as words', () => {
    for (const [group, states] of Object.entries(findingGroups))
      for (const state of states) {
        const finding = `${group}:${state}` as Finding;
        expect(findingWords(finding)).not.toContain(':' + state);
        expect(groupOf(finding)).toBe(group);
      }
  });

  it('every question has an answer for each of its states and no other', () => {
    for (const group of askedGroups)
      expect(Object.keys(questionWords[group].answers).sort()).toEqual([...findingGroups[group]].sort());
  });

  it('every step of rework reads as a sentence', () => {
    for (const id of defectIds)
      for (const stage of cureStages)
        for (const step of reworkOf(id, stage)) expect(reworkWords[step]).toMatch(/[.]$/);
  });
});
