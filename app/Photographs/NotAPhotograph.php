<?php

declare(strict_types=1);

namespace App\Photographs;

/** A file that is refused as a photograph: why, and what to do. */
final class NotAPhotograph extends \DomainException
{
    public static function ofAKnownKind(): self
    {
        return new self('The file is no photograph that Dinghy can read. Send a JPEG, PNG or WebP picture.');
    }

    public static function inPart(): self
    {
        return new self('Part of the picture is missing, or it is not of the size it says. Send it again, or take it again.');
    }

    public static function tooManyPixels(int $width, int $height): self
    {
        $most = intdiv(DevelopedPhotograph::MOST_PIXELS, 1_000_000);

        return new self("The picture has {$width} × {$height} pixels; Dinghy takes up to {$most} megapixels. Send it smaller.");
    }

    public static function tooManyBytes(): self
    {
        return new self('The file is larger than '.intdiv(
            PhotographUploads::MOST_BYTES,
            1_000_000,
        ).' MB. Send the picture smaller.');
    }
}
