<?php

declare(strict_types=1);

namespace App\Areas\Sonar;

use App\Areas\Contract\Addition;
use App\Areas\Contract\NewPart;
use Dinghy\Area\Sonar\Proposal\AddExtension;
use Dinghy\Area\Sonar\Proposal\AddNetworkCable;
use Dinghy\Area\Sonar\Proposal\AddToBackbone;
use Dinghy\Area\Sonar\Proposal\AddTransducer;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;

/** Parts of the catalogue put among what joins screens to what they see. */
final class SonarAdditions
{
    private const A_DEVICE = ['required', 'string', 'max:40'];

    /** @return array<string, Addition> by kind of the catalogue */
    public static function all(): array
    {
        return [
            'transducer' => new Addition([], [], static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => AddTransducer::to($plan, $new->name(), $new->named(), $new->station)),
            'adapter' => self::asItIs('adapter'),
            'terminal-block' => self::asItIs('terminal-block'),
            'extension' => new Addition(['transducer' => ['required', 'string', 'max:40']], [
                'transducer.*' => 'Say which transducer it lengthens.',
            ], static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => AddExtension::to(
                $plan,
                $new->said->string('transducer')->value(),
                $new->named(),
            )),
            'network-cable' => new Addition(['from' => self::A_DEVICE, 'to' => self::A_DEVICE], [
                'from.*' => 'Say at which device the cable begins.',
                'to.*' => 'Say at which device the cable ends.',
            ], static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => AddNetworkCable::between(
                $plan,
                $new->said->string('from')->value(),
                $new->said->string('to')->value(),
                $new->named(),
            )),
            'backbone-part' => new Addition([
                'backbone' => ['nullable', 'string', 'max:40'],
                'device' => ['nullable', 'string', 'max:40'],
            ], [], static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => AddToBackbone::piece(
                $plan,
                $new->figures(),
                $new->said->filled('backbone') ? $new->said->string('backbone')->value() : null,
                $new->said->filled('device') ? $new->said->string('device')->value() : null,
            )),
        ];
    }

    /** What needs nothing beside it. */
    private static function asItIs(string $kind): Addition
    {
        return new Addition([], [], static fn (NewPart $new): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => AddToBoat::part(
            $plan,
            $document->format,
            $kind,
            $new->name(),
            (object) ['name' => $new->name(), ...get_object_vars($new->named())],
        ));
    }
}
