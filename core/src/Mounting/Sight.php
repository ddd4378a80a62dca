<?php

declare(strict_types=1);

namespace Dinghy\Mounting;

use Dinghy\Record\Record;

/**
 * A screen as its user sees it. A screen reads well from within 45° of square to its face, and is worked by a hand that
 * reaches 0.75 m from a shoulder 0.25 m below the eye: common practice, working estimates.
 */
final readonly class Sight
{
    /** rad off square to the face */
    public const CONE = M_PI / 4;

    /** m from the shoulder */
    public const ARM = 0.75;

    private const SHOULDER_BELOW_EYE = 0.25;

    /**
     * @param  float  $away  m level from the eye to the screen, ahead
     * @param  float  $aside  m to the side
     * @param  float  $below  m that the screen lies below the eye
     * @param  float  $tilt  rad that its face is tipped back, upwards
     * @param  float  $turn  rad that its face is turned towards the user's side
     * @param  bool  $reached  whether it is worked from there, not only looked at
     */
    public function __construct(
        public float $away,
        public float $aside,
        public float $below,
        public float $tilt,
        public float $turn,
        public bool $reached,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->number('away_m'),
            $record->number('aside_m'),
            $record->number('below_m'),
            deg2rad($record->number('tilt_deg')),
            deg2rad($record->number('turn_deg')),
            $record->flag('reached'),
        );
    }

    /** @return float rad between the line to the eye and square to the face */
    public function offSquare(): float
    {
        $distance = sqrt($this->away ** 2 + $this->aside ** 2 + $this->below ** 2);
        if ($distance === 0.0) {
            return 0.0;
        }
        $towards = $this->away * cos($this->tilt) * cos($this->turn) + $this->aside * cos($this->tilt) * sin($this->turn) + $this->below * sin($this->tilt);

        return acos(max(-1.0, min(1.0, $towards / $distance)));
    }

    /** @return float m from the shoulder to the screen */
    public function reach(): float
    {
        return sqrt($this->away ** 2 + $this->aside ** 2 + ($this->below - self::SHOULDER_BELOW_EYE) ** 2);
    }

    public function isSeen(): bool
    {
        return $this->offSquare() <= self::CONE + 1e-9;
    }

    public function isInReach(): bool
    {
        return ! $this->reached || $this->reach() <= self::ARM + 1e-9;
    }

    /** @return float rad: the tilt that turns the face squarest to the eye, its turn kept */
    public function bestTilt(): float
    {
        return atan2($this->below, $this->away * cos($this->turn) + $this->aside * sin($this->turn));
    }

    /** @return float rad: the turn that brings the face squarest to the eye, whatever its tilt */
    public function bestTurn(): float
    {
        return atan2($this->aside, $this->away);
    }
}
