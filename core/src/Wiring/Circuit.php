<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Device;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Protection;
use Dinghy\Plan\Run;
use Dinghy\Protection\Demand;
use Dinghy\Route\Route;

/** A feed or a branch as it lies in its plan: what it carries, how far, through what, at which volts. */
final readonly class Circuit
{
    /** A: Σ typical of everything behind it, motors at their peak */
    public float $amps;

    /** A: Σ peak of everything behind it */
    public float $peakAmps;

    /** What the load asks of its protection. */
    public Demand $demand;

    /**
     * @param  list<Protection>  $protection  from the source outward
     * @param  float|null  $nominalVolts  between the bank terminals used; null: nothing feeds it
     * @param  float|null  $length  m one way; null: unknown
     * @param  Route|null  $route  null: its length was typed, or no way leads there
     * @param  Route|null  $minusRoute  of its minus; the same where it has none of its own
     * @param  string|null  $from  the station it begins at
     * @param  string|null  $to  the station it ends at
     * @param  list<Device>  $behind  every device that draws through it
     */
    public function __construct(
        public string $id,
        public RunKind $kind,
        public LoadClass $class,
        public Run $run,
        public array $protection,
        public ?float $nominalVolts,
        public ?float $length,
        public ?Route $route,
        public ?Route $minusRoute,
        public ?string $from,
        public ?string $to,
        public array $behind,
        public string $label,
    ) {
        $amps = $peak = $motors = $continuous = 0.0;
        foreach ($behind as $device) {
            $amps += $device->sizingAmps();
            $peak += $device->peakAmps;
            $device->isMotor() ? $motors += $device->peakAmps : $continuous += $device->typicalAmps;
        }
        $this->amps = $amps;
        $this->peakAmps = $peak;
        $this->demand = new Demand($continuous, $motors, $peak, count($behind) === 1 ? $behind[0]->makersFuse : null);
    }

    public function entersEngineSpace(): bool
    {
        return $this->route?->entersEngineSpace() ?? false;
    }

    /** Its name in findings and patches, as "feed:house". */
    public function on(): string
    {
        return $this->kind->value.':'.$this->id;
    }
}
