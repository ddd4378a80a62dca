<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Joint\CrimpDie;
use Dinghy\Kit\Piece\EndKind;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Plan\HouseRules;
use Dinghy\Plan\JointStyle;
use Dinghy\Plan\Plan;
use Dinghy\Plan\StudSize;
use Dinghy\Quantity\QuantityFormatter;

/** What lies ready before the first cut: what cuts, strips, crimps and tests these wires, turns these nuts, drills these holes. */
final class Tools
{
    private const HEAT = 'No flame or heat gun near petrol, battery gas or an open battery box: shrink on the bench, or close the box and air the compartment first.';

    private const SHORT = 'Wrap the handle: a spanner across two posts welds itself fast and can burst a battery.';

    /** @var array<string, array{sizes: array<string, true>, for: array<string, true>, caution: string|null}> by name */
    private array $tools = [];

    /**
     * @param  list<Piece>  $pieces
     * @return list<Tool>
     */
    public static function of(Plan $plan, array $pieces): array
    {
        $tools = new self;
        foreach ($pieces as $piece) {
            $piece->isWire() && $tools->forPiece($piece, $plan->houseRules);
        }
        foreach ($plan->holes as $hole) {
            $tools->add('Drill bit or hole saw', QuantityFormatter::trim($hole->diameter, 1).' mm', "hole:{$hole->id}", 'Look behind the panel first; never drill where you cannot see.');
        }
        $all = [];
        foreach ($tools->tools as $name => $tool) {
            $all[] = new Tool($name, array_map(strval(...), array_keys($tool['sizes'])), array_map(strval(...), array_keys($tool['for'])), $tool['caution']);
        }

        return $all;
    }

    private function forPiece(Piece $piece, HouseRules $rules): void
    {
        $this->add('Cable cutter, square', (string) $piece->stock->gauge, $piece->id);
        $piece->stock->pair && $this->add('Jacket slitter', null, $piece->id);
        $this->add('Label printer', null, $piece->id);
        if ($piece->throughTube()) {
            $this->add('Pulling rod or tape, and cord', null, $piece->id);
        }
        foreach ($piece->ends as $end) {
            if (! $end->isMade()) {
                continue;
            }
            $this->add('Wire stripper', (string) $end->gauge, $piece->id);
            $die = $end->die();
            $die === null || $this->add(CrimpDie::toolFor($end->gauge), $die, $piece->id);
            if ($end->at->lead !== null && $die !== null) {
                $this->add('Wire stripper', (string) $end->at->lead, $piece->id);
                $this->add(CrimpDie::toolFor($end->at->lead), CrimpDie::of($end->at->lead), $piece->id);
            }
            $end->isSplice() && $this->add('Screwdriver with a torque setting', null, $piece->id);
            $rules->joint === JointStyle::CrimpSolder && $this->add('Soldering iron', null, $piece->id, self::HEAT);
            $this->add('Pull tester', null, $piece->id);
            ($end->needsSleeve() || $end->hasOwnSleeve()) && $this->add('Heat gun', null, $piece->id, self::HEAT);
            $stud = $end->at->kind === EndKind::Ring ? $end->at->bore() : null;
            $stud === null || $this->add('Insulated spanner or nut driver', StudSize::wrench($stud), $piece->id, self::SHORT);
        }
    }

    private function add(string $name, ?string $size, string $for, ?string $caution = null): void
    {
        $tool = $this->tools[$name] ?? ['sizes' => [], 'for' => [], 'caution' => $caution];
        $size === null || $tool['sizes'][$size] = true;
        $tool['for'][$for] = true;
        $this->tools[$name] = $tool;
    }
}
