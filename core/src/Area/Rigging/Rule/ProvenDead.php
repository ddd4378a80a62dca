<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class ProvenDead implements HoldRule
{
    /** V that a known live point shows at the least: half of a flat 12 V block [common practice, no source] */
    private const LIVE = 5.0;

    /** V that a dead conductor shows at the most: a meter of 10 MΩ picks up a little [common practice, no source] */
    private const DEAD = 0.5;

    public function text(): RuleText
    {
        return new RuleText('S08', [Level::Stop], 'a conductor is worked on that is not proven dead',
            'a meter that reads nothing may be broken: a live point, the conductor, the live point again', 'common practice', SourceKind::CommonPractice);
    }

    public function asks(): Proof
    {
        return Proof::Reading;
    }

    public function readings(): array
    {
        return ['V, live point', 'V, conductor', 'V, live point again'];
    }

    public function statement(): string
    {
        return 'A live point reads, the conductor does not, the live point reads again.';
    }

    public function lacks(Evidence $evidence): ?string
    {
        if (count($evidence->readings) !== 3) {
            return 'It takes three readings: a point known to be live, the conductor, the live point again.';
        }
        [$before, $conductor, $after] = array_map(abs(...), $evidence->readings);

        return match (true) {
            $before < self::LIVE => 'The first point reads nothing: it is not live, or the meter does not measure. Find one that is live.',
            $conductor > self::DEAD => 'The conductor is live. Open what feeds it, and read again.',
            $after < self::LIVE => 'The live point does not read any more: the meter may have failed in between. Begin again.',
            default => null,
        };
    }
}
