<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Feed;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class NoBatterySwitch implements Rule
{
    /** A, cold cranking */
    private const LIMIT = 800.0;

    public function text(): RuleText
    {
        return new RuleText('B26', [Level::Warn], 'no battery switch on a bank above 800 cold cranking amps; motor banks whose feeds are all fused and switched are exempt',
            'in a fire there must be a way to part it', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            if ($bank->switch) {
                continue;
            }
            $engine = $solved->plan->boat->engine;
            $starts = $engine !== null && $solved->plan->bankOf($engine->battery) === $bank;
            $feeds = $solved->plan->feedsOf($bank);
            $parted = ! $starts && $feeds !== [] && array_filter(
                $feeds,
                static fn (Feed $feed): bool => $feed->protection === [] || ! $feed->isSwitched(),
            ) === [];
            if ($parted || ! $bank->batteries()[0]->chemistry->isLead()) {
                continue;
            }
            $amps = $bank->crankingAmps();
            if ($amps === null) {
                yield new Unchecked($this->text(), "bank:{$bank->id}", 'the cold cranking amps of its batteries');
            } elseif ($amps > self::LIMIT) {
                yield new Finding($this->text(), Level::Warn, "bank:{$bank->id}", ucfirst("{$bank->label()} has {$solved->words->amps($amps)} cold cranking and no battery switch."),
                    'Fit a battery switch near it, where it can be reached.', Patch::set(
                        "bank:{$bank->id}",
                        ['switch' => true],
                    ), ['cca_a' => $amps]);
            }
        }
    }
}
