<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/**
 * A charger's or a converter's output: it holds its set volts as long as it need not give more than its limit, gives its
 * limit below, and takes nothing back. A converter draws on its input what it gives, by its efficiency, and its standby.
 */
final readonly class Regulator
{
    /** Ω: how far its volts give way before its limit [cp, working estimate] */
    public const OHMS = 0.001;

    /** V */
    private const NOISE = 1e-9;

    /** The three straight pieces of its curve, from above its volts down. */
    public const OFF = 0;

    public const HOLDING = 1;

    public const LIMITED = 2;

    /** S beside it: what no meter sees, so that its own terminals always have volts */
    public const LEAK = 1e-6;

    /**
     * @param  float  $volts  V that it holds
     * @param  float  $limit  A
     * @param  string|null  $inputPlus  what it draws on; null: it draws on nothing of the boat's
     * @param  float  $inputVolts  V nominal of what it draws on
     * @param  float  $efficiency  W out per W in
     * @param  float  $standbyAmps  A that it draws whatever it gives
     */
    public function __construct(
        public string $name,
        public string $plus,
        public string $minus,
        public float $volts,
        public float $limit,
        public ?string $inputPlus = null,
        public ?string $inputMinus = null,
        public float $inputVolts = 12.0,
        public float $efficiency = 1.0,
        public float $standbyAmps = 0.0,
    ) {
    }

    /** V at which it reaches its limit */
    public function knee(): float
    {
        return $this->volts - $this->limit * self::OHMS;
    }

    /** @return float A that it gives at its terminals' volts; above those it holds, next to nothing below zero */
    public function ampsAt(float $volts): float
    {
        return match (true) {
            $volts >= $this->volts => self::LEAK * ($this->volts - $volts),
            $volts >= $this->knee() => ($this->volts - $volts) / self::OHMS,
            default => $this->limit + self::LEAK * ($this->knee() - $volts),
        };
    }

    /**
     * The piece to go on with: from one to its neighbour, so that the steep one is never leapt over, and not for what is
     * noise at a corner.
     */
    public function pieceAfter(int $piece, float $volts): int
    {
        return match (true) {
            $piece > self::OFF && $volts > $this->volts + self::NOISE, $piece === self::LIMITED && $volts > $this->knee() + self::NOISE => $piece - 1,
            $piece < self::LIMITED && $volts < $this->knee() - self::NOISE, $piece === self::OFF && $volts < $this->volts - self::NOISE => $piece + 1,
            default => $piece,
        };
    }

    /** @return array{float, float} of a piece, A at zero volts and S by which it falls */
    public function lineOf(int $piece): array
    {
        return match ($piece) {
            self::OFF => [self::LEAK * $this->volts, self::LEAK],
            self::HOLDING => [$this->volts / self::OHMS, 1 / self::OHMS],
            default => [$this->limit + self::LEAK * $this->knee(), self::LEAK],
        };
    }

    /**
     * What it draws on its input as a load of constant power, once it is known what it gives; null: it has no input.
     */
    public function input(float $watts): ?Load
    {
        return $this->inputPlus === null || $this->inputMinus === null ? null
            : new Load(
                "{$this->name}/input",
                $this->inputPlus,
                $this->inputMinus,
                LoadKind::Power,
                max(0.0, $watts) / $this->efficiency / $this->inputVolts,
                $this->inputVolts,
            );
    }

    public function standby(): ?Load
    {
        return $this->inputPlus === null || $this->inputMinus === null ? null
            : new Load(
                "{$this->name}/standby",
                $this->inputPlus,
                $this->inputMinus,
                LoadKind::Current,
                $this->standbyAmps,
                $this->inputVolts,
            );
    }
}
