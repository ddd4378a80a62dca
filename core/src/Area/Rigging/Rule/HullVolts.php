<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

/** Volts of each bank to a metal hull, before a meter is set to amps or ohms: battery volts where its minus is joined to the hull, nothing where it is not. */
final readonly class HullVolts implements PassedByReason
{
    /** V that a good meter picks up at the most where nothing joins [common practice, no source] */
    private const NONE = 0.5;

    /** of nominal volts, between which a bank shows that its minus is joined [common practice, no source] */
    private const LEAST = 0.8;

    private const MOST = 1.3;

    /** @param  list<array{name: string, volts: float, joined: bool|null}>  $banks  nominal V; joined: null where nobody has said which bank it is */
    public function __construct(private array $banks = [])
    {
    }

    public function text(): RuleText
    {
        return new RuleText('D07', [Level::Stop], 'no leakage to a metal hull was read after the work',
            'what flows through the hull dissolves it, and nobody sees it before it leaks', 'common practice', SourceKind::CommonPractice, isCloser: true);
    }

    public function asks(): Proof
    {
        return Proof::Reading;
    }

    public function readings(): array
    {
        return array_merge([], ...array_map(static fn (array $bank): array => ["V, plus of {$bank['name']} to hull", "V, minus of {$bank['name']} to hull"], $this->banks));
    }

    public function statement(): string
    {
        $joined = array_filter($this->banks, static fn (array $bank): bool => $bank['joined'] !== false);

        return $joined === [] ? 'No bank shows volts to the hull.' : 'What is joined to the hull shows its battery volts, and nothing else shows any.';
    }

    public function lacks(Evidence $evidence): ?string
    {
        if (count($evidence->readings) !== count($this->readings())) {
            return 'It takes the volts of every bank to the hull, plus and minus, with everything switched on. In volts: in amps or ohms the meter may be a short.';
        }
        foreach ($this->banks as $at => $bank) {
            [$plus, $minus] = [abs($evidence->readings[2 * $at]), abs($evidence->readings[2 * $at + 1])];
            $isJoined = $plus >= self::LEAST * $bank['volts'] && $plus <= self::MOST * $bank['volts'] && $minus <= self::NONE;
            $lacks = match (true) {
                $minus > self::NONE => "Minus of {$bank['name']} reads volts to the hull: a plus touches the hull. Switch off circuit by circuit until it stops.",
                $bank['joined'] === true && ! $isJoined => "Plus of {$bank['name']} should read its battery volts to the hull, for its minus is joined there. Look at that join, and at the meter.",
                $bank['joined'] === false && $plus > self::NONE => "Plus of {$bank['name']} reads volts to the hull: somewhere its minus touches it. Find where, or say in the plan that minus joins the hull there. No meter in amps meanwhile.",
                $plus > self::NONE && ! $isJoined => "Plus of {$bank['name']} reads neither nothing nor its battery volts to the hull. Look at the meter, and read again.",
                default => null,
            };
            if ($lacks !== null) {
                return $lacks;
            }
        }

        return null;
    }
}
