<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Sonar;

use Dinghy\Area\Sonar\Proposal\KeepTrial;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** A minute of instruments that is kept, whatever was heard in it. */
final class KeepTrialTest extends TestCase
{
    public function test_a_flood_of_faults_is_kept_as_far_as_the_file_takes_it(): void
    {
        $boat = Plans::sounding();
        $minute = ['seconds' => 60, 'sentences' => 9, 'refused' => 9, 'values' => ['depth' => ['least' => 4.1, 'most' => 4.9, 'last' => 4.4]]];
        $patch = KeepTrial::of($boat->plan(), 'the boat', '2026-03-14T10:20:00+01:00', $minute, array_fill(0, 64, str_repeat('two talk ', 100)), 4.5);
        $trial = array_values($boat->with($patch)->partsOf('trial'))[0];
        self::assertCount(20, $trial->faults);
        self::assertSame(300, mb_strlen($trial->faults[0]));
        self::assertSame(['depth', 4.1, 4.9, 4.4], array_values(get_object_vars($trial->values[0])));
        $boat->with($patch)->plan();
    }

    public function test_silence_is_not_kept(): void
    {
        $this->expectException(ProposalRefused::class);
        KeepTrial::of(Plans::sounding()->plan(), 'the boat', '2026-03-14T10:20', ['seconds' => 0, 'sentences' => 0, 'refused' => 0, 'values' => []], [], null);
    }
}
