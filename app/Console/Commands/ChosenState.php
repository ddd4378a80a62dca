<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\Overload;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Evaluation\Evaluation;

/** A state named on the command line: one of the named states, or devices with the share of their current they draw. */
final readonly class ChosenState
{
    private function __construct(
        public string $name,
        public Solution|Overload $solved,
        public Network $network,
    ) {
    }

    /** @return self|string a sentence that says what is wrong with it */
    public static function of(string $text, Evaluation $evaluation): self|string
    {
        $states = $evaluation->boat->states;
        $named = State::tryFrom($text);
        if ($named !== null) {
            return new self(
                $text,
                $states->overload($named) ?? $states->in($named) ?? throw new \LogicException('A state is solved or overloaded.'),
                $states->network($named),
            );
        }
        $shares = [];
        foreach (explode(',', $text) as $item) {
            [$device, $share] = [...explode('=', $item, 2), '1'];
            if (! isset($evaluation->boat->plan->devices[$device])) {
                return "--state takes rest, loaded, lowest, cranking, or devices of the plan; \"{$device}\" is none.";
            }
            if (! is_numeric($share) || $share < 0 || $share > 1) {
                return "The share of {$device} is a number from 0 to 1, not \"{$share}\".";
            }
            $shares[$device] = (float) $share;
        }

        return new self($text, $states->with($shares), $states->network(State::Loaded));
    }
}
