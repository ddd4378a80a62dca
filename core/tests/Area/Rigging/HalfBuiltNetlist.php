<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\StepsDocument;
use Dinghy\Circuit\Source;
use Dinghy\Circuit\State;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Kit\Kit;
use Dinghy\Kit\KitDocument;
use Dinghy\Tests\Circuit\Ngspice;

/**
 * A half-built boat drawn by somebody who has nothing but what is printed: the plan file, the wire list, the steps. At each gap a
 * meter of 10 MΩ stands in a circuit of its own, all of them in one netlist.
 */
final class HalfBuiltNetlist
{
    /** @var array<string, array{string, string, float}> by conductor, as it is landed: nodes and Ω */
    private array $landed = [];

    /** @var array<string, string> by conductor, the node of its first end */
    private array $ends = [];

    /** @var list<string> */
    private array $lines = [];

    /** @var array<string, array{string, string}> by step: the nodes of its gap */
    public array $gaps = [];

    private string $jumper = '';

    /** @var array<string, mixed> */
    private readonly array $plan;

    /** @var array<string, float> V by battery */
    private readonly array $volts;

    /** @var array<string, array<string, mixed>> by id */
    private array $wires = [];

    public function __construct(PlanDocument $document, private readonly Evaluation $evaluation)
    {
        $plan = json_decode(json_encode($document->root(), JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        assert(is_array($plan));
        $this->plan = $plan;
        $this->volts = array_column(array_map(static fn (Source $source): array => ['of' => $source->name, 'volts' => $source->volts], $evaluation->boat->states->network(State::Rest)->sources), 'volts', 'of');
        $kit = KitDocument::of($evaluation->boat->figures(Kit::class));
        foreach ($kit['wires'] as $wire) {
            $this->wires[$wire['id']] = $wire;
        }
        foreach (StepsDocument::of($evaluation->boat)['steps'] as $step) {
            if ($step['kind'] === 'connect') {
                $this->connect($step);
            }
        }
    }

    /** @return array<string, float> V by step, red on the free end */
    public function read(): array
    {
        $nodes = Ngspice::operatingPoint($this->lines);
        $read = [];
        $number = 0;
        foreach ($this->gaps as $id => [$free, $post]) {
            $number++;
            $read[$id] = $free === $post ? 0.0 : $nodes[self::name($number, $free)];
        }

        return $read;
    }

    /** @param  array<string, mixed>  $step */
    private function connect(array $step): void
    {
        $landing = str_starts_with($step['id'], 'connect:bank:') ? $this->onPost($step) : $this->onPart($step);
        if ($landing === null) {
            return;
        }
        [$conductor, $node, $ohms, $inside] = $landing;
        $free = $this->ends[$conductor] ?? $inside;
        if ($free === null) {
            $this->ends[$conductor] = $node;

            return;
        }
        $this->gaps[$step['id']] = [$free, $node];
        $this->draw(count($this->gaps), $free, $node);
        $this->landed[$conductor] = [$free, $node, $ohms];
    }

    /**
     * One end of a piece: "connect:br-hub:3" is the third end of it. Of a pair the odd ones are plus.
     *
     * @param  array<string, mixed>  $step
     * @return array{string, string, float, null}
     */
    private function onPart(array $step): array
    {
        preg_match('/^connect:(.+):(\d)$/', (string) $step['id'], $found);
        $wire = $this->wires[$found[1] ?? ''] ?? null;
        if ($wire === null) {
            return [(string) $step['id'], (string) $step['id'], 0.0, null]; // a lead that came with its charger: it ends inside
        }
        $number = (int) ($found[2] ?? 0);
        $isPair = $wire['cable'] === 'pair';
        $isFirst = $isPair ? $number <= 2 : $number === 1;
        $side = $isPair ? ($number % 2 === 1 ? '+' : '-') : substr($wire['id'], -1);
        $end = $isFirst ? $wire['from'] : $wire['to'];
        $end = $side === '-' && $isPair ? (string) preg_replace('/\+$/', '-', $end) : $end;

        return [$wire['id'].($isPair ? $side : ''), $this->node($wire, $end, $isFirst, $side), self::ohms($wire), null];
    }

    /**
     * @param  array<string, mixed>  $step
     * @return array{string, string, float, string|null}|null
     */
    private function onPost(array $step): ?array
    {
        [$kind, $id] = explode(':', $step['on'][0], 2);
        $post = $step['post'] ?? explode(':', $step['id'])[2].':shunt';
        if (str_contains($step['says'], 'String fuse')) {
            return null;
        }
        if (preg_match('/^Jumper \d+: (first|other) end/', $step['says'], $found) === 1) {
            if ($found[1] === 'first') {
                $this->jumper = $post;
                $this->ends['jumper'] = $post;

                return null;
            }
            $wire = array_values(array_filter($this->wires, fn (array $one): bool => $one['of'] === $step['on'][0] && in_array([$one['from'], $one['to']], [[$this->jumper, $post], [$post, $this->jumper]], true)))[0];
            unset($this->ends['jumper']);

            return [$wire['id'], $post, self::ohms($wire), $this->jumper];
        }
        if (str_starts_with($step['says'], 'Shunt')) {
            return ["{$id} shunt", $post, 0.0001, "{$id}:shunt"];
        }
        $side = preg_match('/: (plus|minus) on /', $step['says'], $found) === 1 && $found[1] === 'plus' ? '+' : '-';
        foreach ($this->wires as $wire) {
            if ($wire['of'] === $step['on'][0] && in_array($post, [$wire['from'], $wire['to']], true) && (str_ends_with($wire['id'], $side) || preg_match('/\+\d+$/', $wire['id']) === 1 && $side === '+' || $kind === 'bond')) {
                $other = $this->ends[$wire['id']] ?? null;

                return [$wire['id'], $post, self::ohms($wire), $other];
            }
        }
        foreach ($this->wires as $wire) {
            // The minus of a pair whose plus begins at the fuse.
            if ($wire['of'] === $step['on'][0] && $wire['cable'] === 'pair' && $side === '-') {
                return ["{$wire['id']}-", $post, self::ohms($wire), null];
            }
        }
        if ($side === '+' || $kind !== 'charger') {
            return null;
        }

        return ["{$step['id']} own", $post, 0.0004, $this->sharesMinus($id) ? "{$id}/-" : "{$step['id']} inside"];
    }

    /** @param  array<string, mixed>  $wire */
    private function node(array $wire, string $end, bool $isFirst, string $side): string
    {
        [$kind, $id] = explode(':', $wire['of'], 2);
        if (str_contains($end, '/')) {
            // One between banks stays in.
            return $kind === 'bond' ? $end : "{$end}|{$wire['id']}"; // a fuse that nobody has put in
        }
        if ($kind === 'branch' && $isFirst && $side === '+') {
            return "{$wire['id']}|behind its fuse";
        }
        if ($kind === 'charger' && $side === '-' && str_starts_with($end, $id)) {
            return $this->sharesMinus($id) ? "{$id}/-" : $end;
        }

        return $end;
    }

    private function sharesMinus(string $charger): bool
    {
        foreach ($this->plan['chargers'] as $one) {
            if ($one['id'] === $charger) {
                return isset($one['input_from']) ? ($one['isolated_outputs'] ?? false) !== true : ($one['isolated_outputs'] ?? true) === false;
            }
        }

        return false;
    }

    /** Ω of the fuse on the top post of a string: 0.5 mΩ · 100/rating, as the format has it */
    private function stringFuse(string $battery): float
    {
        foreach ($this->plan['banks'] as $bank) {
            foreach (isset($bank['string_protection']) ? $bank['strings'] : [] as $string) {
                if ($string[count($string) - 1] === $battery) {
                    return 0.05 / $bank['string_protection']['rating_a'];
                }
            }
        }

        return 0.0;
    }

    /** @param  array<string, mixed>  $wire */
    private static function ohms(array $wire): float
    {
        $gauge = Gauge::of($wire['gauge']);

        return ($wire['cut_m'] ?? 0.0) * Resistance::perMetre($gauge, Metal::TinnedCopper, 25.0) + 0.0004;
    }

    /** What hangs together with either side of the gap as it is landed so far, with a meter in it and its black tip at ground. */
    private function draw(int $number, string $free, string $post): void
    {
        $elements = [];
        foreach ($this->evaluation->boat->plan->batteries as $battery) {
            $elements[] = ['V', "{$battery->id} emf", "{$battery->id}-", "DC {$this->volts[$battery->id]}"];
            $elements[] = ['R', "{$battery->id} emf", "{$battery->id}+", (string) (($battery->resistanceUnderLoad() ?? 0.0002) + $this->stringFuse($battery->id))];
        }
        foreach ($this->landed as [$from, $to, $ohms]) {
            $elements[] = ['R', $from, $to, (string) $ohms];
        }
        $reached = [$free => true, $post => true];
        do {
            $count = count($reached);
            foreach ($elements as [, $one, $other]) {
                $reached += isset($reached[$one]) || isset($reached[$other]) ? [$one => true, $other => true] : [];
            }
        } while (count($reached) > $count);
        foreach ([...$elements, ['R', $free, $post, '10e6']] as [$kind, $one, $other, $value]) {
            if (isset($reached[$one])) {
                $name = static fn (string $node): string => $node === $post ? '0' : self::name($number, $node);
                $this->lines[] = "{$kind}{$number}_".count($this->lines)." {$name($one)} {$name($other)} {$value}";
            }
        }
    }

    private static function name(int $number, string $node): string
    {
        return 's'.$number.'_'.strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '_', str_replace(['+', '-'], ['_p', '_n'], $node)));
    }
}
