<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ProtectionAboveAmpacity implements Rule
{
    private const TOLERATED = 1.5;

    public function text(): RuleText
    {
        return new RuleText('F02', [Level::Stop, Level::Warn],
            'rating > ampacity of the thinnest wire behind it before the next fuse, wherever it sits: feed, branch, string, jumper, bond, charger\'s or alternator\'s lead; up to 150 % a decision, only where no lower standard size carries the load',
            'fuses protect wires, never devices', 'ABYC E-11; 33 CFR 183.455(c)', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            yield from $this->judge($solved, $protection);
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(SolvedBoat $solved, PlacedProtection $protection): iterable
    {
        foreach ($protection->behind as $conductor) {
            if ($conductor->ampacity === null) {
                yield new Unchecked($this->text(), $protection->on, "ampacity of {$conductor->gauge}");

                return;
            }
        }
        $thinnest = $protection->thinnest();
        $ampacity = $thinnest->ampacity ?? INF;
        if ($thinnest === null || $protection->rating() <= $ampacity) {
            return;
        }
        $family = $protection->family();
        $lower = $family->smallestOfAtLeast($protection->asks ?? 0.0);
        $noLower = $lower === null || $lower >= $protection->rating();
        $level = $noLower && $protection->rating() <= self::TOLERATED * $ampacity ? Level::Warn : Level::Stop;
        $words = $solved->words;
        yield new Finding($this->text(), $level, $protection->on,
            ucfirst("{$family->label()} of {$words->amps($protection->rating())} on {$protection->where}: the {$thinnest->gauge} behind it carries {$words->amps($ampacity)}."),
            'Split the load over two circuits.',
            static function () use ($solved, $protection, $ampacity): iterable {
                yield from OtherProtection::between($solved, $protection, $protection->asks ?? 0.0, $ampacity);
                yield from OtherProtection::onThickerWire($solved, $protection, $protection->rating());
            },
            ['rating_a' => $protection->rating(), 'ampacity_a' => $ampacity]);
    }
}
