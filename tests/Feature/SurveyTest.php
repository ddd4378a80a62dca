<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Photograph;
use App\Models\PhotographPiece;
use App\Models\PhotographUpload;
use App\Models\PlanVersion;
use App\Photographs\DevelopedPhotograph;
use App\Photographs\PhotographUploads;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\PdfWords;
use Tests\TestCase;

/** The boat as it came: photographs on a line that breaks, what is refused, the survey over HTTP and on paper. */
final class SurveyTest extends TestCase
{
    public function test_the_survey_of_the_console_boat(): void
    {
        $this->actingAs($this->person('apprentice'));
        $answer = $this->getJson("/api/jobs/{$this->console()->id}/stages/survey?units=metric")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());

        self::assertSame('bad-joint', $answer->json('checks.0.cause'));
        // Ohm's law over the whole path.
        self::assertEqualsWithDelta(1000 * $answer->json('checks.0.lost_v') / $answer->json('checks.0.amps_a'), $answer->json('checks.0.path_mohm'), 1e-9);
        self::assertSame('102 mΩ, 1.36 V, 18.3 W', $answer->json('checks.0.figures'));
        self::assertStringContainsString('between console inlet and behind the console switch', $answer->json('checks.0.says'));
        self::assertSame([['on' => 'check:check-console', 'set' => ['renewed_by' => 'br-left']]], $answer->json('checks.0.patch'));
        self::assertSame('keep', $answer->json('batteries.0.verdict'));
        self::assertSame(['station:mid'], array_column(array_filter((array) $answer->json('needed'), static fn (array $needed): bool => $needed['taken'] === 0), 'of'));
    }

    /** Three pieces with a break after the second: the server says how much has arrived, and the rest makes it whole. */
    public function test_a_photograph_goes_up_in_pieces_and_is_kept_when_it_is_whole(): void
    {
        $this->actingAs($this->person('apprentice'));
        $job = $this->console();
        $versions = PlanVersion::query()->count();
        $bytes = self::jpeg(900, 600);
        $piece = intdiv(strlen($bytes), 3);
        $place = $this->begin($job, strlen($bytes), 'station:mid', 'Mid locker, lid off')->assertCreated()->headers->get('Location') ?? '';

        $this->send($place, 0, substr($bytes, 0, $piece))->assertNoContent()->assertHeader('Upload-Offset', (string) $piece);
        $this->send($place, $piece, substr($bytes, $piece, $piece))->assertNoContent();
        $this->send($place, $piece, substr($bytes, $piece, $piece))->assertStatus(409);
        self::assertSame($versions, PlanVersion::query()->count(), 'nothing is in the plan before it is whole');
        $this->head($place)->assertOk()->assertHeader('Upload-Offset', (string) (2 * $piece));
        $this->send($place, 2 * $piece, substr($bytes, 2 * $piece))->assertNoContent();

        // Asked again, as after an answer that was lost, it is whole, and is not kept twice.
        $versions = PlanVersion::query()->count();
        $this->head($place)->assertOk()->assertHeader('Upload-Offset', (string) strlen($bytes));
        self::assertSame([$versions, 0], [PlanVersion::query()->count(), PhotographPiece::query()->count()]);
        $plan = $this->getJson("/api/jobs/{$job->id}")->json('plan');
        $kept = collect($plan['survey']['photographs'])->firstWhere('of', 'station:mid');
        self::assertSame('Mid locker, lid off', $kept['words']);
        $picture = $this->get("/api/jobs/{$job->id}/photographs/{$kept['picture']}")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertSame([900, 600], array_slice((array) getimagesizefromstring((string) $picture->getContent()), 0, 2));
        $small = $this->get("/api/jobs/{$job->id}/photographs/{$kept['picture']}?thumbnail=1");
        self::assertSame([320, 213], array_slice((array) getimagesizefromstring((string) $small->getContent()), 0, 2));
        self::assertNotContains('S07', array_column((array) $this->getJson("/api/jobs/{$job->id}")->json('evaluation.findings'), 'rule'));
    }

    /** The server went down between the last piece and the picture: whoever asks how much has arrived has it kept. */
    public function test_a_photograph_that_arrived_and_was_not_made_is_made_when_it_is_asked_for(): void
    {
        $this->actingAs($this->person('apprentice'));
        $job = $this->console();
        $bytes = self::jpeg(90, 60);
        $place = $this->begin($job, strlen($bytes), 'station:mid', '')->headers->get('Location') ?? '';
        $upload = PhotographUpload::query()->sole();
        $upload->pieces()->create(['offset' => 0, 'bytes' => $bytes]);
        $upload->update(['offset' => strlen($bytes)]);

        $this->head($place)->assertOk()->assertHeader('Upload-Offset', (string) strlen($bytes));
        self::assertSame([90, 60], $job->photographs()->where('width', 90)->get(['width', 'height'])->map(static fn (Photograph $kept): array => [$kept->width, $kept->height])->sole());
    }

    /** Taken out and sent another of the same subject: both pictures stay, and undo brings the entry back with its own. */
    public function test_a_picture_is_never_written_over(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->console();
        $entry = fn (): ?array => collect((array) $this->getJson("/api/jobs/{$job->id}")->json('plan.survey.photographs'))->firstWhere('of', 'station:mid');
        $shown = fn (?array $entry): array => array_slice((array) getimagesizefromstring((string) $this->get("/api/jobs/{$job->id}/photographs/".($entry['picture'] ?? 'none'))->assertOk()->getContent()), 0, 2);
        $photograph = function (int $width) use ($job): void {
            $bytes = self::jpeg($width, 60);
            $this->send($this->begin($job, strlen($bytes), 'station:mid', '')->headers->get('Location') ?? '', 0, $bytes)->assertNoContent();
        };
        $photograph(90);
        $first = $entry();
        $this->deleteJson("/api/jobs/{$job->id}/plan/parts", ['on' => "photograph:{$first['id']}"])->assertOk();
        $photograph(120);
        self::assertSame([120, 60], $shown($entry()));
        $this->postJson("/api/jobs/{$job->id}/plan/undo")->assertOk();
        $this->postJson("/api/jobs/{$job->id}/plan/undo")->assertOk();
        self::assertSame($first, $entry());
        self::assertSame([90, 60], $shown($entry()));
        $before = Photograph::query()->count();
        $photograph(90);
        self::assertSame($before, Photograph::query()->count(), 'the same picture again is the same picture');
    }

    /** No version of the plan points at it: it goes, but not at once, and no other does. */
    public function test_a_picture_that_nothing_points_at_is_cleared_away_in_time(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->console();
        $pictures = Photograph::query()->count();
        (new PhotographUploads($job))->store(DevelopedPhotograph::from(self::jpeg(33, 22)), null);
        $this->travel(PhotographUploads::KEPT_DAYS - 1)->days();
        $this->begin($job, 10, 'other', '')->assertCreated();
        self::assertSame($pictures + 1, Photograph::query()->count());
        $this->travel(2)->days();
        $this->begin($job, 10, 'other', '')->assertCreated();
        self::assertSame([$pictures, 0], [Photograph::query()->count(), Photograph::query()->where('width', 33)->count()]);
    }

    #[DataProvider('noPhotographs')]
    public function test_what_is_no_photograph_is_refused_and_nothing_stays(string $bytes, string $says): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->console();
        $before = [PlanVersion::query()->count(), Photograph::query()->count()];
        $place = $this->begin($job, strlen($bytes), 'other', '')->headers->get('Location') ?? '';
        self::assertStringContainsString($says, (string) $this->send($place, 0, $bytes)->assertStatus(422)->json('message'));

        self::assertSame($before, [PlanVersion::query()->count(), Photograph::query()->count()]);
        self::assertSame(0, PhotographUpload::query()->count());
    }

    /** @return array<string, array{string, string}> */
    public static function noPhotographs(): array
    {
        // The head of a PNG that says it has 10,000 × 10,000 pixels, and nothing behind it.
        $head = "\x89PNG\r\n\x1a\n";
        $size = 'IHDR'.pack('NNCCCCC', 10_000, 10_000, 8, 2, 0, 0, 0);
        $large = $head.pack('N', 13).$size.pack('N', crc32($size));

        return [
            'a text' => ['not a picture', 'JPEG, PNG or WebP'],
            'a page with a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'JPEG, PNG or WebP'],
            'a PHP file that calls itself a GIF' => ["GIF89a\x01\x00\x01\x00\x00\x00\x00;<?php echo 1;", 'JPEG, PNG or WebP'],
            '100 megapixels' => [$large, '10000 × 10000 pixels; Dinghy takes up to 60 megapixels'],
            'half a JPEG' => [substr(self::jpeg(300, 200), 0, intdiv(strlen(self::jpeg(300, 200)), 2)), 'Part of the picture is missing'],
            'a JPEG without its last bytes' => [substr(self::jpeg(300, 200), 0, -40), 'Part of the picture is missing'],
            'a JPEG that says it is higher' => [self::resized(self::jpeg(300, 200), 400), 'not of the size it says'],
            'a JPEG that says it is lower' => [self::resized(self::jpeg(300, 200), 64), 'not of the size it says'],
            'half a PNG' => [substr(self::png(), 0, intdiv(strlen(self::png()), 2)), 'JPEG, PNG or WebP'],
            'the head of a picture alone' => [substr(self::jpeg(40, 30), 0, 40), 'JPEG, PNG or WebP'],
        ];
    }

    /** What a camera writes beside the pixels does not stay: made here by hand, as EXIF has it, with a place and the way it was held. */
    public function test_the_place_is_stripped_and_the_picture_stands_upright(): void
    {
        $tiff = "II*\0".pack('V', 8).pack('v', 2)
            .pack('vvVvv', 0x0112, 3, 1, 6, 0)            // held on its side
            .pack('vvVV', 0x8825, 4, 1, 38).pack('V', 0)   // a place follows
            .pack('v', 1).pack('vvV', 0x0001, 2, 2)."N\0\0\0".pack('V', 0);
        $exif = "Exif\0\0".$tiff.'SECRET-PLACE';
        $plain = self::jpeg(60, 40);
        $held = substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($plain, 2).'<?php trailing';
        $developed = DevelopedPhotograph::from($held);

        self::assertSame([40, 60], [$developed->width, $developed->height]);
        self::assertStringNotContainsString('SECRET-PLACE', $developed->picture);
        self::assertStringNotContainsString('Exif', $developed->picture);
        self::assertStringNotContainsString('<?php', $developed->picture);
    }

    /**
     * EXIF 2.3, JEITA CP-3451: orientation 1 to 8, as a picture of four colours is stored and as it is to be seen.
     *
     * @param  list<string>  $seen  upper left, upper right, lower left, lower right
     */
    #[DataProvider('orientations')]
    public function test_a_picture_stands_as_the_camera_was_held(int $orientation, array $seen): void
    {
        $image = imagecreatetruecolor(60, 40);
        foreach (['red' => [0, 0, 0xFF0000], 'green' => [30, 0, 0x00FF00], 'blue' => [0, 20, 0x0000FF], 'white' => [30, 20, 0xFFFFFF]] as [$x, $y, $colour]) {
            imagefilledrectangle($image, $x, $y, $x + 29, $y + 19, $colour);
        }
        ob_start();
        imagejpeg($image, null, 100);
        $plain = (string) ob_get_clean();
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
        $developed = DevelopedPhotograph::from(substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($plain, 2));
        $picture = imagecreatefromstring($developed->picture) ?: self::fail('It is a picture.');
        [$right, $low] = [$developed->width - 6, $developed->height - 6];

        self::assertSame($orientation < 5 ? [60, 40] : [40, 60], [$developed->width, $developed->height]);
        self::assertSame($seen, array_map(static fn (array $at): string => self::colourOf((int) imagecolorat($picture, ...$at)), [[5, 5], [$right, 5], [5, $low], [$right, $low]]));
    }

    /** @return list<array{int, list<string>}> */
    public static function orientations(): array
    {
        return [
            [1, ['red', 'green', 'blue', 'white']], [2, ['green', 'red', 'white', 'blue']], [3, ['white', 'blue', 'green', 'red']], [4, ['blue', 'white', 'red', 'green']],
            [5, ['red', 'blue', 'green', 'white']], [6, ['blue', 'red', 'white', 'green']], [7, ['white', 'green', 'blue', 'red']], [8, ['green', 'white', 'red', 'blue']],
        ];
    }

    private static function colourOf(int $pixel): string
    {
        $bright = array_map(static fn (int $shift): string => ($pixel >> $shift & 0xFF) > 128 ? '1' : '0', [16, 8, 0]);

        return ['100' => 'red', '010' => 'green', '001' => 'blue', '111' => 'white'][implode('', $bright)] ?? sprintf('%06x', $pixel);
    }

    /** Two pieces that come at once follow one another: the upload is held before it is read. */
    public function test_an_upload_is_held_while_a_piece_is_added(): void
    {
        $this->actingAs($this->person('rigger'));
        $place = $this->begin($this->console(), 10, 'other', '')->headers->get('Location') ?? '';
        DB::enableQueryLog();
        $this->send($place, 0, '12345')->assertNoContent();
        $onUpload = array_values(array_filter(array_column(DB::getQueryLog(), 'query'), static fn (string $query): bool => str_contains($query, 'photograph_uploads') || str_contains($query, 'photograph_pieces')));
        $held = array_keys(array_filter($onUpload, static fn (string $query): bool => str_ends_with($query, 'for update')));
        $written = array_keys(array_filter($onUpload, static fn (string $query): bool => str_starts_with($query, 'insert')));

        self::assertCount(1, $held);
        self::assertSame([$held[0] + 2], $written, 'held, read, written');
    }

    public function test_bad_uploads_are_told_what_is_missing(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->console();
        self::assertStringContainsString('Upload-Length', (string) $this->call('POST', "/api/jobs/{$job->id}/photographs/uploads", server: ['HTTP_ACCEPT' => 'application/json'])->assertStatus(422)->json('message'));
        self::assertStringContainsString('larger than 16 MB', (string) $this->begin($job, 16_000_001, 'other', '')->assertStatus(422)->json('message'));
        self::assertStringContainsString('say what is on the picture', (string) $this->begin($job, 10, '../etc', '')->assertStatus(422)->json('message'));
        foreach (['station:nowhere', 'post:nothing'] as $nowhere) {
            self::assertStringContainsString("the boat has no \"{$nowhere}\"", (string) $this->begin($job, 10, $nowhere, '')->assertStatus(422)->json('message'));
        }
        $mine = $this->begin($job, 10, 'other', '')->headers->get('Location') ?? '';
        $this->actingAs($this->person('owner'))->head($mine)->assertNotFound();
    }

    public function test_the_survey_sheet_says_it_all(): void
    {
        $this->actingAs($this->person('rigger'));
        $pdf = (string) $this->get("/api/jobs/{$this->skiff()->id}/survey-sheet?units=metric")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $text = PdfWords::of($pdf);
        foreach (['as it came', 'The screen goes black when I push the motor hard.', 'REPLACE', 'it is 7 years old', 'mΩ', 'Old feed of the tiller screen', 'Photographs before anything is unhooked', 'rings off'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        $photographs = Photograph::query()->where('job_id', $this->skiff()->id)->count();
        self::assertGreaterThan(1, $photographs);
        self::assertSame($photographs, preg_match_all('#/Subtype\s*/Image#', $pdf), 'every picture is on it');
    }

    /** Volts typed as millivolts are asked about, not kept and not guessed. */
    public function test_volts_in_the_wrong_unit(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->console();
        $typed = fn (string $text): TestResponse => $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => $job->plan?->number, 'typed' => ['on' => 'check:check-console', 'field' => 'battery_rest_v', 'text' => $text]]);
        self::assertStringContainsString('did you mean 13.2 V?', (string) $typed('13200')->assertStatus(422)->json('message'));
        self::assertEqualsWithDelta(13.2, $typed('13200 mV')->assertOk()->json('plan.survey.path_checks.0.battery_rest_v'), 1e-9);
    }

    private function console(): Job
    {
        return Job::query()->where('bay', 2)->firstOrFail();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function begin(Job $job, int $length, string $of, string $words): TestResponse
    {
        return $this->call('POST', "/api/jobs/{$job->id}/photographs/uploads", server: [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_TUS_RESUMABLE' => '1.0.0', 'HTTP_UPLOAD_LENGTH' => (string) $length,
            'HTTP_UPLOAD_METADATA' => 'of '.base64_encode($of).',words '.base64_encode($words),
        ]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $place, int $offset, string $bytes): TestResponse
    {
        return $this->call('PATCH', $place, server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/offset+octet-stream', 'HTTP_UPLOAD_OFFSET' => (string) $offset], content: $bytes);
    }

    /** The same JPEG with another height in its head (ITU-T T.81, B.2.2: the frame header after SOF0). */
    private static function resized(string $jpeg, int $height): string
    {
        return substr_replace($jpeg, pack('n', $height), (int) strpos($jpeg, "\xFF\xC0") + 5, 2);
    }

    private static function png(): string
    {
        ob_start();
        imagepng(imagecreatefromstring(self::jpeg(300, 200)) ?: imagecreatetruecolor(1, 1));

        return (string) ob_get_clean();
    }

    private static function jpeg(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        for ($spot = 0; $spot < 200; $spot++) {
            imagefilledellipse($image, $spot * 37 % $width, $spot * 53 % $height, 40, 30, $spot * 79_301 % 0xFFFFFF);
        }
        ob_start();
        imagejpeg($image, null, 90);

        return (string) ob_get_clean();
    }
}
