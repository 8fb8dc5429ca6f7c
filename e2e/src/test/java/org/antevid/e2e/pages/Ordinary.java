package org.antevid.e2e.pages;

import com.microsoft.playwright.Page;
import java.util.List;

/** An ordinary job, written down by the leader who is signed in on the page, one tap short of its briefing. */
public final class Ordinary {
    private static final String CALL = """
          const token = () => decodeURIComponent(document.cookie.split('; ').find(c => c.startsWith('XSRF-TOKEN=')).slice(11));
          const call = async (method, path, body) => {
            const r = await fetch(path, { method, headers: { 'content-type': 'application/json', 'X-XSRF-TOKEN': token() }, body: body && JSON.stringify(body) });
            const text = await r.text();
            if (!r.ok) throw new Error(method + ' ' + path + ' ' + r.status + ' ' + text);
            return text ? JSON.parse(text) : undefined;
          };
        """;

    private static final String MAKE = "async ([name, cutter, lookout]) => {" + CALL + """
          const people = await call('GET', '/api/people');
          const id = (n) => people.find(p => p.name === n).id;
          const { jobId } = await call('POST', '/api/jobs', { name, place: 'a meadow', visitOn: '2026-11-27' });
          const at = '/api/jobs/' + jobId;
          const job = await call('GET', at);
          await call('PUT', at + '/conditions', { windLimitMs: 9, slopeDeg: 0, downhillDeg: 0, meetingPoint: 'the gate', version: job.version });
          await call('PUT', at + '/place/emergency', { nearestHelp: 'clinic, 10 min', route: 'north', gridReference: 'WL 1 1', phoneCover: 'at the gate', firstAider: lookout, kit: 'van',
            rescuePlan: 'carry to the gate', utilityLine: '0555 0100', version: 0 });
          const answers = Object.fromEntries(['FELLING_CONSENT', 'PRESERVATION_ORDER', 'NESTING', 'WATERCOURSE', 'NEIGHBOUR', 'UTILITY_NOTICE'].map(k => [k, 'YES']));
          await call('PUT', at + '/place/permits', { answers });
          for (const p of [cutter, lookout]) if (!job.people.some(x => x.id === id(p))) await call('POST', at + '/members', { personId: id(p) });
          const sound = Object.fromEntries(['left', 'right', 'back', 'core', 'crown'].map(k => [k, 'SOUND']));
          const spot = (eastM, northM) => ({ eastM, northM });
          const stem = (await call('POST', at + '/stems', { species: 'QUERCUS', state: 'STANDING', at: spot(0, 0), wood: sound, shape: 'FOREST', crown: 'FOREST_BROADLEAF_LEAFLESS', toBeKept: false, note: '' })).id;
          for (const [kind, numbers] of [['GIRTH', { girthM: 1.57 }], ['HEIGHT_ANGLES', { distanceM: 25, top: 35, base: -4 }], ['CROWN_RADIUS', { radiusM: 3 }],
            ['PLUMB_LEAN', { leanDeg: 4, sigmaDeg: 0.4, azimuthDeg: 0 }]]) await call('POST', at + '/stems/' + stem + '/sightings', { kind, numbers });
          const choice = { layDeg: 0, cutHeightM: 0.3, school: 'OPEN_FACE', barM: 0.45, means: 'NOTHING' };
          await call('PUT', at + '/stems/' + stem + '/lay', { choice, fixed: true, dropZone: [spot(-3, -1), spot(-3, 24), spot(3, 24), spot(3, -1)] });
          await call('POST', at + '/steps', { kind: 'FELL', stem: 'S1', startMin: 0, endMin: 30, posts: [{ role: 'CUTTER', personId: id(cutter) },
            { role: 'LOOKOUT', personId: id(lookout), stand: spot(-60, 0) }] });
          return jobId;
        }""";

    private static final String TIED = "async ([job]) => {" + CALL + """
          const at = '/api/jobs/' + job;
          const sound = Object.fromEntries(['left', 'right', 'back', 'core', 'crown'].map(k => [k, 'SOUND']));
          const stem = async (species, state, toBeKept, eastM, northM) => (await call('POST', at + '/stems', { species, state, at: { eastM, northM }, wood: sound,
            shape: 'FOREST', crown: 'FOREST_BROADLEAF_LEAFLESS', toBeKept, note: '' })).id;
          await stem('FRAXINUS', 'STANDING', true, 30, 0);
          const birch = await stem('BETULA', 'LYING', false, 30, 6);
          for (const [kind, numbers] of [['GIRTH', { girthM: 0.6 }], ['EYE_HEIGHT', { heightM: 9 }], ['EYE_CROWN', { radiusM: 1 }]])
            await call('POST', at + '/stems/' + birch + '/sightings', { kind, numbers });
          await call('POST', at + '/tangle/stems/' + birch + '/poses', { butt: { eastM: 30, northM: 6, heightM: 0.1 }, tip: { eastM: 30, northM: 14, heightM: 0.3 },
            how: 'TAPE', sigmaM: 0.2 });
          await call('POST', at + '/tangle/relations', { a: 'S3', type: 'BOUND', b: 'S2', carries: 'NOTHING', severFrom: 'OUTSIDE' });
        }""";

    private static final String LIME = "async ([name, climber, rescuer, brake, ground]) => {" + CALL + """
          const people = await call('GET', '/api/people');
          const id = (n) => people.find(p => p.name === n).id;
          const { jobId } = await call('POST', '/api/jobs', { name, place: 'a lane', visitOn: '2026-11-27' });
          const at = '/api/jobs/' + jobId;
          const job = await call('GET', at);
          await call('PUT', at + '/conditions', { windLimitMs: 9, slopeDeg: 0, downhillDeg: 0, meetingPoint: 'the gate', version: job.version });
          await call('PUT', at + '/place/emergency', { nearestHelp: 'clinic, 10 min', route: 'north', gridReference: 'WL 1 1', phoneCover: 'at the gate', firstAider: brake, kit: 'van',
            rescuePlan: 'lower to the ground', utilityLine: '0555 0100', version: 0 });
          const answers = Object.fromEntries(['FELLING_CONSENT', 'PRESERVATION_ORDER', 'NESTING', 'WATERCOURSE', 'NEIGHBOUR', 'UTILITY_NOTICE'].map(k => [k, 'YES']));
          await call('PUT', at + '/place/permits', { answers });
          for (const p of [climber, rescuer, brake, ground]) await call('POST', at + '/members', { personId: id(p) });
          const sound = Object.fromEntries(['left', 'right', 'back', 'core', 'crown'].map(k => [k, 'SOUND']));
          const stem = (await call('POST', at + '/stems', { species: 'TILIA', state: 'STANDING', at: { eastM: 0, northM: 0 }, wood: sound, shape: 'FOREST',
            crown: 'FOREST_BROADLEAF_LEAFLESS', toBeKept: false, note: '' })).id;
          for (const [kind, numbers] of [['GIRTH', { girthM: 1.57 }], ['EYE_HEIGHT', { heightM: 16 }], ['EYE_LEAN', { leanDeg: 3, azimuthDeg: 120 }], ['EYE_CROWN', { radiusM: 3 }]])
            await call('POST', at + '/stems/' + stem + '/sightings', { kind, numbers });
          const kit = await call('GET', '/api/house/kit');
          const item = (kind, n) => kit.find(k => k.kind === kind && k.name.includes(n)).id;
          const limb = (limb, sideDeg, atM) => ({ id: limb, atM, thickM: 0.15, lengthM: 5, sideDeg, riseDeg: 30, loose: false });
          await call('POST', at + '/takedown/stems/' + stem, { limbs: [limb('L1', 300, 7), limb('L2', 120, 8)],
            cuts: [{ limb: 'L1', atM: 0, way: 'LET_RUN', runM: 1 }, { limb: 'L2', atM: 0, way: 'LET_RUN', runM: 1 }],
            gear: { line: item('ROPE', 'lowering'), block: item('BLOCK', 'lowering'), sling: item('SLING', 'anchor'), brake: item('BRAKE', 'lowering') }, surface: 'TURF',
            climber: id(climber), fallback: 'PLATFORM', climb: { attachments: 2, cutProof: true, wayDown: true, rescueMin: 6 } });
          await call('POST', at + '/steps/asked', { keys: [] });
          return jobId;
        }""";

    private Ordinary() {}

    /** A lime of which two limbs come down on a line, with its steps. @return the job's id */
    public static String lime(Page leader, String name, String climber, String rescuer, String brake, String ground) {
        return leader.evaluate(LIME, List.of(name, climber, rescuer, brake, ground))
                .toString();
    }

    /** @return the job's id */
    public static String oak(Page leader, String name, String cutter, String lookout) {
        return leader.evaluate(MAKE, List.of(name, cutter, lookout)).toString();
    }

    /** S3, a birch that lies tied to S2, an ash that stays, is measured and seen. */
    public static void tiedBirch(Page leader, String job) {
        leader.evaluate(TIED, List.of(job));
    }
}
