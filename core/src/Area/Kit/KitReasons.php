<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Explanation;
use Dinghy\Evaluation\Reasons;
use Dinghy\Joint\Barrel;
use Dinghy\Joint\PullTest;
use Dinghy\Joint\Sleeve;
use Dinghy\Kit\BenchTime;
use Dinghy\Kit\Kit;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Kit\WireMass;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Source\Formula;

/** Explains what a kit comes to, how long a piece is cut, and how its ends are made: "kit:minutes", "piece:bow-motor+2:cut_m", "piece:bow-motor+2:end:1:strip". */
final readonly class KitReasons implements Reasons
{
    private Kit $kit;

    private QuantityFormatter $words;

    public function __construct(private Evaluation $evaluation)
    {
        $this->kit = $evaluation->boat->figures(Kit::class);
        $this->words = $evaluation->boat->words;
    }

    public function of(string $figure): ?Explanation
    {
        if (preg_match('/^piece:(.+):(cut_m|end:(\d+):(strip|sleeve|pull))$/', $figure, $match) === 1) {
            $piece = $this->piece($match[1]);
            $end = $piece?->ends[(int) ($match[3] ?? 0)] ?? null;

            return match (true) {
                $piece === null => null,
                $match[2] === 'cut_m' => $this->cut($piece),
                $end === null || ! $end->isMade() => null,
                default => $this->end($end, $match[4] ?? ''),
            };
        }

        return match ($figure) {
            'kit:minutes' => $this->minutes(),
            'kit:mass' => $this->mass(),
            default => null,
        };
    }

    private function piece(string $id): ?Piece
    {
        foreach ($this->kit->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }

    private function cut(Piece $piece): Explanation
    {
        $run = $this->evaluation->boat->runs[explode(':', $piece->of, 2)[1]] ?? null;
        $inputs = [['name' => 'from', 'value' => $piece->from->words], ['name' => 'to', 'value' => $piece->to->words]];
        if ($run?->length !== null) {
            $inputs[] = ['name' => 'the run, one way, slack included', 'value' => $this->words->length($run->length)];
        }

        return new Explanation('Cut', $piece->cut === null ? 'not known' : $this->words->length($piece->cut), Formula::ofPractice(
            'the run, cut at each fuse and breaker in its way; slack is the service loop, and no waste is in it', 'the plan',
        ), $inputs, $piece->cutAfterPull ? 'What it really needs shows when it is pulled: it is cut then.' : null);
    }

    private function end(End $end, string $what): ?Explanation
    {
        $wire = ['name' => 'wire', 'value' => $end->gauge->both()];
        $sleeve = $end->sleeve();

        return match (true) {
            $what === 'strip' => new Explanation('Strip', self::millimetres($end->strip()), Barrel::formula(), [$wire, ['name' => 'depth of the barrel', 'value' => self::millimetres($end->barrel()->depth)]], 'The terminal itself: measure its barrel, and strip a millimetre more.'),
            $what === 'pull' && $end->pull() !== null => new Explanation('Pull', $this->words->thrust($end->pull()), PullTest::formula(), [$wire], null),
            $what === 'sleeve' && $sleeve !== null => new Explanation('Sleeve', (string) $sleeve, Sleeve::formula(), [
                $wire,
                ['name' => 'over its thinnest insulation', 'value' => self::millimetres($end->gripped())],
                ['name' => 'barrel outside', 'value' => self::millimetres($end->thickestBarrel()->outside)],
            ], null),
            default => null,
        };
    }

    private function minutes(): Explanation
    {
        $rules = $this->evaluation->boat->plan->houseRules;

        return new Explanation('On the bench', $this->words->hours($this->kit->minutes / 60), BenchTime::formula($rules), [
            ['name' => 'pieces', 'value' => (string) count($this->kit->wires())], ['name' => 'ends to make', 'value' => (string) $this->kit->endsToMake()],
        ], 'Ends: a pair has four.');
    }

    private function mass(): Explanation
    {
        return new Explanation('Wire', self::kilograms($this->kit->mass->whole), WireMass::formula(), [
            ['name' => 'copper of it', 'value' => self::kilograms($this->kit->mass->copper)],
        ], 'Shorter ways, and thinner wire where the drop allows it.');
    }

    private static function millimetres(float $millimetres): string
    {
        return QuantityFormatter::trim($millimetres, 1).' mm';
    }

    private static function kilograms(float $kilograms): string
    {
        return QuantityFormatter::trim($kilograms, 2).' kg';
    }
}
