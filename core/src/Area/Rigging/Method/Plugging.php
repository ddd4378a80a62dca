<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;

/** A plug into its socket. Common practice, no source. */
final class Plugging
{
    public static function method(Step $step): Method
    {
        $isData = ! preg_match('/^(feed|branch):/', $step->on[0] ?? '');

        return $isData
            ? new Method([], ['Look into both faces: pins straight, key found.', 'Offer it straight until the key falls in; then the ring, by hand. Never twist the plug.', 'A drip loop before the socket.'], 'A bent pin cannot be mended: nothing is pushed that does not go by itself.')
            : new Method([], ['Every reading at rest of this circuit was right.', 'Switch off at the device, plug in, then switch on and watch its lights.'], 'Smell, heat, a fuse that opens: off at once, and measure before you try again.');
    }
}
