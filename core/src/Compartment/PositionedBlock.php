<?php

declare(strict_types=1);

namespace Dinghy\Compartment;

use Dinghy\Battery\GroupSize;
use Dinghy\Plan\Battery;
use Dinghy\Plan\BlockPosition;

/** A battery as it stands in its compartment: its outline and its two posts, seen from above. */
final readonly class PositionedBlock
{
    /**
     * mm from a post to the ends and to the edge it stands at [working estimate: group batteries differ by some
     * millimetres]
     */
    public const FROM_END = 40.0;

    private const FROM_EDGE = 35.0;

    /** mm along x and y as it is turned */
    public float $width;

    public float $depth;

    public function __construct(
        public Battery $battery,
        public BlockPosition $position,
    ) {
        [$long, $short] = self::footprint($battery);
        [$this->width, $this->depth] = $position->turned % 180 === 0 ? [$long, $short] : [$short, $long];
    }

    /** @return array{float, float} mm, the longer side first; the usual deck battery's, where the plan does not say */
    public static function footprint(Battery $battery): array
    {
        $size = $battery->size ?? GroupSize::of('31');

        return [max($size[0], $size[1]), min($size[0], $size[1])];
    }

    public function plus(): Point
    {
        return $this->post($this->battery->plusLeft);
    }

    public function minus(): Point
    {
        return $this->post(! $this->battery->plusLeft);
    }

    /** @return float mm that two outlines overlap by; 0 or less: the gap between them */
    public function overlap(self $other): float
    {
        return min(
            min($this->position->x + $this->width, $other->position->x + $other->width) - max($this->position->x, $other->position->x),
            min($this->position->y + $this->depth, $other->position->y + $other->depth) - max($this->position->y, $other->position->y),
        );
    }

    private function post(bool $left): Point
    {
        // Unturned, the posts stand at the edge of greater y, which is nearest to who looks at the drawing.
        [$long, $short] = self::footprint($this->battery);
        $along = $left ? min(self::FROM_END, $long / 4) : $long - min(self::FROM_END, $long / 4);
        $across = $short - min(self::FROM_EDGE, $short / 4);
        [$x, $y] = match ($this->position->turned) {
            90 => [$short - $across, $along],
            180 => [$long - $along, $short - $across],
            270 => [$across, $long - $along],
            default => [$along, $across],
        };

        return new Point($this->position->x + $x, $this->position->y + $y);
    }
}
