<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Photographs\DevelopedPhotograph;
use App\Photographs\PhotographUploads;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Survey\Photograph;

/** Pictures for the demo's photographs: drawn, not taken, so that nobody's boat is shown. */
final readonly class DemoPhotographs
{
    private const WIDTH = 1200;

    private const HEIGHT = 900;

    /** @param  array<string, DevelopedPhotograph>  $pictures by the id of the photograph */
    private function __construct(private array $pictures)
    {
    }

    public static function of(PlanDocument $document): self
    {
        return new self(array_map(static fn (Photograph $photograph): DevelopedPhotograph => DevelopedPhotograph::from(self::drawn($photograph)), $document->plan()->survey->photographs ?? []));
    }

    /** The plan with its photographs pointing at their pictures. */
    public function in(PlanDocument $document): PlanDocument
    {
        foreach ($this->pictures as $id => $picture) {
            $document = $document->with(Patch::set("photograph:{$id}", ['picture' => $picture->content()]));
        }

        return $document;
    }

    public function storeFor(Job $job): void
    {
        foreach ($this->pictures as $picture) {
            (new PhotographUploads($job))->store($picture, null);
        }
    }

    /** @return string a PNG */
    private static function drawn(Photograph $photograph): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        $colour = static fn (int $red, int $green, int $blue): int => (int) imagecolorallocate($image, $red, $green, $blue);
        // The same boat looks the same each time: what varies comes from the photograph's name.
        $seed = crc32($photograph->id);
        $shade = 52 + $seed % 30;
        imagefill($image, 0, 0, $colour($shade, $shade + 6, $shade + 4));
        for ($plank = 0; $plank < 9; $plank++) {
            imagefilledrectangle($image, 0, $plank * 100, self::WIDTH, $plank * 100 + 94, $colour($shade + 40 + $plank * 3, $shade + 38 + $plank * 3, $shade + 30 + $plank * 2));
        }
        str_starts_with($photograph->of, 'post:') ? self::posts($image, $colour) : self::compartment($image, $colour, $seed);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** @param  \Closure(int, int, int): int  $colour */
    private static function posts(\GdImage $image, \Closure $colour): void
    {
        imagefilledrectangle($image, 160, 190, 1040, 760, $colour(38, 42, 46));
        imagefilledrectangle($image, 180, 210, 1020, 740, $colour(58, 62, 66));
        foreach ([[384, [178, 60, 46]], [816, [30, 32, 34]]] as [$x, $ring]) {
            imagefilledellipse($image, $x, 380, 190, 190, $colour(...$ring));
            imagefilledellipse($image, $x, 380, 110, 110, $colour(176, 176, 170));
            imagefilledellipse($image, $x, 380, 56, 56, $colour(120, 120, 116));
        }
        imagesetthickness($image, 34);
        imageline($image, 384, 380, 300, 900, $colour(150, 44, 34));
        imageline($image, 816, 380, 900, 900, $colour(24, 26, 28));
    }

    /** @param  \Closure(int, int, int): int  $colour */
    private static function compartment(\GdImage $image, \Closure $colour, int $seed): void
    {
        imagefilledrectangle($image, 90, 90, 1110, 810, $colour(34, 38, 40));
        imagefilledrectangle($image, 120, 120, 1080, 780, $colour(70, 74, 72));
        imagesetthickness($image, 16);
        for ($wire = 0; $wire < 6; $wire++) {
            $paint = $wire % 2 === 0 ? $colour(160, 48, 36) : $colour(22, 24, 26);
            $height = 200 + ($seed >> $wire) % 400;
            imageline($image, 120, $height, 420 + 60 * $wire, 300 + 50 * $wire, $paint);
            imageline($image, 420 + 60 * $wire, 300 + 50 * $wire, 1080, 180 + ($seed >> ($wire + 3)) % 500, $paint);
        }
        imagefilledrectangle($image, 480, 420, 760, 600, $colour(200, 198, 188));
        for ($fuse = 0; $fuse < 5; $fuse++) {
            imagefilledrectangle($image, 500 + 52 * $fuse, 450, 532 + 52 * $fuse, 560, $colour(196, 120 + 20 * $fuse, 40));
        }
    }
}
