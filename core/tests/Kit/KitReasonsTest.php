<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\Evaluation\Why;
use Dinghy\Kit\Piece\End;
use Dinghy\Tests\Plans;

/** Every figure of a kit answers why. */
final class KitReasonsTest extends KitCase
{
    public function test_every_figure_of_the_demo_skiff_has_its_reason(): void
    {
        $evaluation = Plans::evaluate(Plans::demo('boats/skiff'));
        $why = new Why($evaluation);
        foreach (self::kit(Plans::demo('boats/skiff'))->pieces as $piece) {
            self::assertNotNull($why->of("piece:{$piece->id}:cut_m"), $piece->id);
            foreach ($piece->ends as $at => $end) {
                foreach (['strip' => $end->isMade(), 'sleeve' => $end->sleeve() !== null, 'pull' => $end->pull() !== null] as $what => $is) {
                    self::assertSame($is, $why->of("piece:{$piece->id}:end:{$at}:{$what}") !== null, "{$piece->id} {$at} {$what}");
                }
            }
        }
        foreach (['piece:none:cut_m', 'piece:house+1:end:9:strip', 'piece:house+1:end:0:colour', 'kit:joy'] as $none) {
            self::assertNull($why->of($none), $none);
        }
    }

    public function test_they_say_with_what_and_on_whose_word(): void
    {
        $why = new Why(Plans::evaluate(Plans::pump()));
        $cut = $why->of('piece:f1+2:cut_m');
        self::assertSame('2.85 m', $cut?->value);
        self::assertContains(['name' => 'the run, one way, slack included', 'value' => '3 m'], $cut->inputs);
        // 10 AWG: yellow nest, 7 mm of barrel.
        self::assertSame('8 mm', $why->of('piece:f1+1:end:0:strip')?->value);
        self::assertSame('mem', $why->of('piece:f1+1:end:0:pull')?->formula->mark->value);
        $minutes = $why->of('kit:minutes');
        $ends = array_sum(array_map(static fn ($piece): int => count(array_filter($piece->ends, static fn (End $end): bool => $end->isMade())), self::kit(Plans::pump())->pieces));
        self::assertSame([['name' => 'pieces', 'value' => '5'], ['name' => 'ends to make', 'value' => (string) $ends]], $minutes?->inputs);
        self::assertStringContainsString('2 min a piece and 3 min an end', $minutes->formula->says);
    }
}
