<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit\Rule;

use Dinghy\Kit\Piece\Pieces;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Landings;

final readonly class CrowdedStud implements Rule
{
    private const MOST = 4;

    public function text(): RuleText
    {
        return new RuleText('W14', [Level::Warn], 'more than four terminals on one stud',
            'the nut does not hold them all', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $counts = $posts = [];
        foreach (Landings::of($solved->plan) as $landing) {
            $counts[(string) $landing->post] = ($counts[(string) $landing->post] ?? 0) + 1;
            $posts[(string) $landing->post] = $landing->post;
        }
        foreach ($posts as $name => $post) {
            $count = $counts[$name];
            if ($count > self::MOST) {
                yield new Finding($this->text(), Level::Warn, Landings::partOf($post),
                    "{$count} terminals land on {$solved->post($post)}; four is the most.", 'Fit a bus bar and lead one wire to the post.', null, ['terminals' => (float) $count]);
            }
        }
        foreach ($this->onBuses($solved) as [$on, $words, $count]) {
            if ($count > self::MOST) {
                yield new Finding($this->text(), Level::Warn, $on, "{$count} terminals land on the stud of {$words}; four is the most.", 'Fit a bus bar beside it and lead one wire over.', null, ['terminals' => (float) $count]);
            }
        }
    }

    /** @return array<string, array{string, string, int}> by the bus of a block: the block, the bus in words, and the rings on its stud */
    private function onBuses(SolvedBoat $solved): array
    {
        $buses = [];
        foreach ($solved->figures(Pieces::class)->all as $piece) {
            foreach ($piece->ends as $end) {
                if ($end->at->asked?->path === 'stud' && str_starts_with($end->at->asked->on, 'block:')) {
                    $buses[$end->at->name] = [$end->at->asked->on, $end->at->words, ($buses[$end->at->name][2] ?? 0) + 1];
                }
            }
        }

        return $buses;
    }
}
