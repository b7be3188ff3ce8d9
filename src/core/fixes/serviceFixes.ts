import { defaultPrices } from '../price/defaultPrices';
import type { Command } from '../job/command';
import { circuitChange } from '../job/changes';
import type { Job } from '../job/jobSchema';
import { serviceOptions, type ServiceOption } from '../service/serviceOptions';
import type { WireSize } from '../units/wireSize';
import type { Candidate, Candidates, CandidatesByCode } from './candidate';
import type { FixChange } from './change';

/** A larger service as an edit of the job: main, conductors, and the panel that it ends in. */
export function largerService(
  { ratingA, size }: { readonly ratingA: number; readonly size: WireSize },
  panels: Job['panels'],
): Command {
  const house: Command = {
    kind: 'change',
    part: 'house',
    fields: { ratingA, meterA: null, conductor: { size, metal: 'cu' }, larger: true },
  };
  const fed = panels
    .filter(({ role }) => role === 'service')
    .map(({ id }): Command => ({ kind: 'change-panel', id, fields: { mainA: ratingA, busA: null } }));
  return { kind: 'batch', commands: [house, ...fed] };
}

/** A way to make the load fit as an edit of the job; undefined where its charger is gone. */
function commandOf({ circuits, panels }: Job, option: ServiceOption): Command | undefined {
  switch (option.kind) {
    case 'setting': {
      const circuit = circuits.find(({ id }) => id === option.circuitId);
      if (circuit?.appliance.family !== 'ev') return undefined;
      const { settingA } = option;
      const nameplate = { ...circuit.appliance.nameplate, settingA, settingRestricted: true };
      return circuitChange(circuit, { ...circuit, appliance: { family: 'ev', nameplate } });
    }
    case 'management':
      return { kind: 'change', part: 'house', fields: { managedA: option.setpointA } };
    case 'sharing': {
      const { circuitId, loadId } = option;
      return { kind: 'change', part: 'house', fields: { sharing: { circuitId, loadId } } };
    }
    case 'service':
      return largerService(option, panels);
  }
}

function changeOf(option: ServiceOption): FixChange {
  const { spareA } = option;
  switch (option.kind) {
    case 'setting':
      return { kind: 'charger-setting', what: option.what, settingA: option.settingA, spareA };
    case 'management':
      return { kind: 'management', setpointA: option.setpointA, spareA };
    case 'sharing':
      return { kind: 'sharing', what: option.what, spareA };
    case 'service':
      return {
        kind: 'larger-service',
        ratingA: option.ratingA,
        size: option.size,
        triggers: option.triggers,
        spareA,
      };
  }
}

/** Ways to make the load fit the service, found by its own calculation. */
const makeItFit: Candidates = ({ job, service, context }) =>
  serviceOptions({
    house: job.house,
    panel: job.panels.find(({ role }) => role === 'service'),
    additions: service.report.additions,
    code: context.code,
    prices: defaultPrices,
  }).flatMap((option): readonly Candidate[] => {
    const command = commandOf(job, option);
    const change = changeOf(option);
    return command === undefined ? [] : [{ kind: change.kind, command, describe: () => change }];
  });

/** What is worth trying for findings about the service. */
export const serviceFixes: CandidatesByCode = { 'service.overload': [makeItFit] };
