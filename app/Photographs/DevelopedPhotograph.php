<?php

declare(strict_types=1);

namespace App\Photographs;

use Illuminate\Support\Facades\Process;

/**
 * A picture made anew from a file that somebody sent: what it is is told by its content, never by its name, and nothing
 * but its pixels is kept, so that neither places, names nor scripts travel with it.
 */
final readonly class DevelopedPhotograph
{
    public const MOST_PIXELS = 60_000_000;

    private const LONG_SIDE = 2000;

    private const THUMBNAIL = 320;

    private const QUALITY = 84;

    /** s that reading a picture may take */
    private const PATIENCE = 30;

    /** what a shell answers */
    private const NO_SUCH_PROGRAM = 127;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /**
     * @param  string  $picture  a JPEG
     * @param  string  $thumbnail  a JPEG
     */
    private function __construct(
        public string $picture,
        public string $thumbnail,
        public int $width,
        public int $height,
    ) {
    }

    /** @throws NotAPhotograph */
    public static function from(string $bytes): self
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw NotAPhotograph::ofAKnownKind();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw NotAPhotograph::tooManyPixels($size[0], $size[1]);
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw NotAPhotograph::ofAKnownKind();
        }
        if ($size[2] === IMAGETYPE_JPEG && ! self::isWhole($bytes)) {
            throw NotAPhotograph::inPart();
        }
        $picture = self::upright(
            self::within($image, self::LONG_SIDE),
            $size[2] === IMAGETYPE_JPEG ? self::orientation($bytes) : 1,
        );

        return new self(
            self::jpeg($picture),
            self::jpeg(self::within($picture, self::THUMBNAIL)),
            imagesx($picture),
            imagesy($picture),
        );
    }

    /** What it is kept under: the SHA-256 of the picture. */
    public function content(): string
    {
        return hash('sha256', $this->picture);
    }

    /**
     * Whether the pixels of a JPEG are all there, and as many as its head says: GD makes grey of what is missing,
     * without a word.
     */
    private static function isWhole(string $bytes): bool
    {
        $read = Process::timeout(self::PATIENCE)->input($bytes)->run(
            ['djpeg', '-strict', '-fast', '-outfile', '/dev/null'],
        );
        if ($read->exitCode() === self::NO_SUCH_PROGRAM) {
            throw new \RuntimeException('The program djpeg is missing; Debian has it in libjpeg-turbo-progs.');
        }

        return $read->successful();
    }

    private static function within(\GdImage $image, int $longSide): \GdImage
    {
        $scale = min(1.0, $longSide / max(imagesx($image), imagesy($image)));
        [$width, $height] = [
            max(1, (int) round(imagesx($image) * $scale)),
            max(1, (int) round(imagesy($image) * $scale)),
        ];
        $scaled = imagecreatetruecolor($width, $height);
        // What is transparent becomes white: a JPEG has no holes.
        imagefill($scaled, 0, 0, (int) imagecolorallocate($scaled, 255, 255, 255));
        imagecopyresampled($scaled, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return $scaled;
    }

    /** How the camera was held (EXIF orientation 1–8); 1: as it is. */
    private static function orientation(string $bytes): int
    {
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('No memory for a stream.');
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        fclose($stream);
        $orientation = is_array($exif) ? $exif['Orientation'] ?? 1 : 1;

        return is_int($orientation) ? $orientation : 1;
    }

    private static function upright(\GdImage $image, int $orientation): \GdImage
    {
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($image, $orientation === 4 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $degrees = match ($orientation) {
            3 => 180, 5, 8 => 90, 6, 7 => -90, default => 0,
        };

        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }

    private static function jpeg(\GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
