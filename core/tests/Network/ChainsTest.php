<?php

declare(strict_types=1);

namespace Dinghy\Tests\Network;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\PlanDocument;
use Dinghy\Network\Chain;
use Dinghy\Network\ChainSearch;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\Link;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;
use Dinghy\Tests\Plans;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** Which adapters lead a transducer's plug to its socket: against every chain there is, and case by case. */
final class ChainsTest extends TestCase
{
    private const PLUGS = ['p1', 'p2', 'p3', 'p4', 'p5'];

    private const FUNCTIONS = ['depth', 'temperature', 'speed', 'side'];

    /** The fewest links, then the most functions, then the lowest ids: of every chain that uses no link twice. */
    public function test_the_chain_is_the_best_of_all_that_there_are(): void
    {
        $seed = Seed::sown();
        $found = 0;
        for ($boat = 0; $boat < 200; $boat++) {
            $network = self::random();
            $transducer = $network->transducers['t'];
            $goal = self::PLUGS[mt_rand(0, 4)];
            $all = iterator_to_array(self::every($transducer, array_values($network->links()), $transducer->plug, $goal, []), false);
            usort($all, static fn (Chain $a, Chain $b): int => [count($a->links), -count($a->kept())] <=> [count($b->links), -count($b->kept())] ?: strcmp(implode("\0", $a->ids()), implode("\0", $b->ids())));
            $best = (new ChainSearch(array_values($network->links())))->best($transducer, $goal);

            self::assertSame(($all[0] ?? null)?->ids(), $best?->ids(), "SEED={$seed}, boat {$boat}");
            $found += $best === null ? 0 : 1;
        }
        self::assertGreaterThan(60, $found);
    }

    public function test_a_plug_that_fits_needs_nothing(): void
    {
        $figures = self::figures(Plans::changed(Plans::sounding(), ['transducer:t1' => ['plug' => 'sonar-8'], 'adapter:a1' => ['to' => 'sonar-9']]));
        self::assertSame([[], ['depth', 'temperature']], self::of($figures, 't1'));
    }

    /** Each link is there once: those chosen come first, then the others by their ids. */
    public function test_what_one_uses_another_does_not_have(): void
    {
        $twin = ['mount' => 'pole', 'functions' => ['depth'], 'plug' => 'sonar-6', 'to' => ['device' => 'module', 'socket' => 's2']];
        $document = self::with(Plans::changed(Plans::sounding(), ['transducer:t3' => ['to' => Plans::UNKNOWN]]), ['transducers' => [['id' => 'a0', ...$twin]]]);
        $figures = self::figures($document);
        self::assertSame([['a1'], ['depth']], self::of($figures, 'a0'));
        self::assertFalse($figures->chains->reaches($figures->network->transducers['t1']));
        self::assertNull($figures->chains->reaches($figures->network->transducers['t3']));

        $chosen = self::figures(Plans::changed($document, ['transducer:t1' => ['via' => ['a1']]]));
        self::assertSame([['a1'], ['depth', 'temperature']], self::of($chosen, 't1'));
        self::assertFalse($chosen->chains->reaches($chosen->network->transducers['a0']));
    }

    public function test_what_was_chosen_is_judged_as_it_is(): void
    {
        $sounding = self::with(Plans::sounding(), ['adapters' => [['id' => 'a2', 'from' => 'sonar-6', 'to' => 'sonar-7', 'passes' => ['depth']], ['id' => 'a3', 'from' => 'sonar-7', 'to' => 'sonar-8', 'passes' => ['depth', 'temperature']]]]);
        // A longer way than it need be, and one that loses temperature.
        self::assertSame([['a2', 'a3'], ['depth']], self::of(self::figures(Plans::changed($sounding, ['transducer:t1' => ['via' => ['a2', 'a3']]])), 't1'));
        foreach ([['a3', 'a2'], ['a2'], [], ['a1', 'a1']] as $via) {
            $figures = self::figures(Plans::changed($sounding, ['transducer:t1' => ['via' => $via]]));
            self::assertFalse($figures->chains->reaches($figures->network->transducers['t1']), implode(' ', $via));
        }
    }

    /** Adapters that lead around in a ring lead nowhere. */
    public function test_a_ring_of_adapters_ends(): void
    {
        $ring = self::with(Plans::changed(Plans::sounding(), ['adapter:a1' => ['to' => 'sonar-7']]), ['adapters' => [['id' => 'a2', 'from' => 'sonar-7', 'to' => 'sonar-6', 'passes' => []]]]);
        $figures = self::figures($ring);
        self::assertFalse($figures->chains->reaches($figures->network->transducers['t1']));
    }

    public function test_a_terminal_block_passes_what_is_landed_where_it_belongs(): void
    {
        $wired = static fn (array $colours): array => self::of(self::figures(Plans::changed(Plans::sounding(), ['terminal-block:tb1' => ['wired' => array_map(static fn (string $colour, int $pin): array => ['pin' => $pin, 'colour' => $colour], $colours, array_keys($colours))]])), 't3')[1];
        self::assertSame(['depth', 'temperature'], $wired([1 => 'blue', 2 => 'black', 3 => 'bare', 4 => 'white', 5 => 'brown']));
        self::assertSame(['depth'], $wired([1 => 'blue', 2 => 'black', 3 => 'bare', 4 => 'brown', 5 => 'white']));
        self::assertSame(['temperature'], $wired([1 => 'blue', 2 => 'black', 3 => 'grey', 4 => 'white', 5 => 'brown']));
    }

    public function test_the_second_frequency_needs_its_own_pair(): void
    {
        $signals = array_column(SonarFunction::SecondDepth->signals(), 'value');
        self::assertSame(['sonar+', 'sonar-', 'shield', 'sonar2+', 'sonar2-'], $signals);
    }

    public function test_a_screen_sees_what_cables_lead_it_to(): void
    {
        $sees = static fn (PlanDocument $document): array => self::figures($document)->cabling->seen(self::figures($document)->chains);
        self::assertSame(['screen' => ['t1', 't2', 't3']], $sees(Plans::sounding()));
        self::assertSame(['screen' => ['t1']], $sees(Plans::changed(Plans::sounding(), ['network-cable:n2' => ['to' => 'light']])));
        self::assertSame(['screen' => ['t2', 't3']], $sees(Plans::changed(Plans::sounding(), ['adapter:a1' => ['to' => 'sonar-9']])));
    }

    /** @return array{list<string>, list<string>} chain and functions that are shown */
    private static function of(SonarFigures $figures, string $id): array
    {
        $transducer = $figures->network->transducers[$id];

        return [$figures->chains->chainOf($transducer)?->ids() ?? [], array_column($figures->chains->shown($transducer), 'value')];
    }

    private static function figures(PlanDocument $document): SonarFigures
    {
        return Plans::evaluate($document)->boat->figures(SonarFigures::class);
    }

    /** @param  array<string, list<array<string, mixed>>>  $more  of the network, by list */
    private static function with(PlanDocument $document, array $more): PlanDocument
    {
        $root = $document->root();
        foreach ($more as $list => $parts) {
            $root->network->{$list} = [...$root->network->{$list}, ...$parts];
        }

        return $document->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    private static function random(): DataNetwork
    {
        $some = static fn (): array => array_values(array_filter(self::FUNCTIONS, static fn (): bool => mt_rand(0, 2) > 0));
        $root = Plans::pump()->root();
        $adapters = [];
        for ($i = mt_rand(1, 7); $i > 0; $i--) {
            [$from, $to] = [mt_rand(0, 4), mt_rand(0, 3)];
            $adapters[] = ['id' => 'a'.chr(96 + $i).mt_rand(1, 99), 'from' => self::PLUGS[$from], 'to' => self::PLUGS[$to >= $from ? $to + 1 : $to], 'passes' => $some()];
        }
        $root->network = ['transducers' => [['id' => 't', 'mount' => 'pole', 'functions' => self::FUNCTIONS, 'plug' => self::PLUGS[mt_rand(0, 4)]]], 'adapters' => $adapters];
        $network = Plans::pump()->format->document(json_encode($root, JSON_THROW_ON_ERROR))->plan()->part(DataNetwork::class);

        return $network ?? throw new \LogicException('A network was planned.');
    }

    /**
     * @param  list<Link>  $links  that are left
     * @param  list<Link>  $before
     * @return iterable<Chain>
     */
    private static function every(Transducer $transducer, array $links, string $plug, string $goal, array $before): iterable
    {
        if ($plug === $goal) {
            yield new Chain($transducer, $before);
        }
        foreach ($links as $at => $link) {
            if ($link->from() === $plug) {
                $left = $links;
                unset($left[$at]);
                yield from self::every($transducer, $left, $link->to(), $goal, [...$before, $link]);
            }
        }
    }
}
