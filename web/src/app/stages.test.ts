import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { STAGE_WORDS, stageMark, STAGES } from './stages';

type Finding = Schemas['FindingView'];
const finding = (severity: Finding['severity'], open = true) => ({ stage: 'LAY', severity, open }) as Finding;

describe('the mark of a stage', () => {
  it('is the worst that is open there', () => {
    const all = [finding('CAUTION'), finding('STOP'), finding('SECOND_OPINION')];
    expect(stageMark('lay', all, true)).toBe('STOP');
    expect(stageMark('lay', [finding('CAUTION'), finding('SECOND_OPINION')], true)).toBe('SECOND_OPINION');
    expect(stageMark('lay', [finding('CAUTION')], true)).toBe('CAUTION');
  });

  it('is no mark of what is cleared, noted or cleared elsewhere', () => {
    expect(stageMark('lay', [finding('STOP', false), finding('NOTE')], true)).toBe('ready');
    expect(stageMark('cuts', [finding('STOP')], false)).toBe('none');
  });

  it('has a word for each stage', () => expect(STAGES.every((s) => STAGE_WORDS[s])).toBe(true));
});
