<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\PhotographUpload;
use App\Models\User;
use App\Photographs\PhotographUploads;
use Dinghy\Survey\Photograph;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Photographs sent piece by piece and resumed after a break: the open protocol tus 1.0, its core and creation. */
final class PhotographUploadController extends Controller
{
    private const VERSION = ['Tus-Resumable' => '1.0.0', 'Cache-Control' => 'no-store'];

    private const LONGEST_WORDS = 300;

    public function store(Request $request, Job $job, #[CurrentUser] User $user): Response
    {
        $this->authorize('photograph', $job);
        $length = $request->header('Upload-Length');
        is_string($length) && ctype_digit($length) && strlen($length) < 10 && (int) $length > 0 || abort(
            422,
            'Not kept: Upload-Length is missing. Say how many bytes the picture has.',
        );
        $told = self::metadata((string) $request->header('Upload-Metadata'));
        $of = $told['of'] ?? 'other';
        preg_match('/'.Photograph::SUBJECT.'/D', $of) === 1 || abort(
            422,
            'Not kept: say what is on the picture, as "station:stern", "post:old-1" or "other".',
        );
        self::planOf($job)->planDocument()->plan()->has($of) || abort(
            422,
            "Not kept: the boat has no \"{$of}\". Choose what is on the picture from the list.",
        );
        $upload = (new PhotographUploads($job))->begin(
            $user,
            (int) $length,
            $of,
            mb_substr($told['words'] ?? '', 0, self::LONGEST_WORDS),
        );

        return response(
            '',
            201,
            [...self::VERSION, 'Location' => "/api/jobs/{$job->id}/photographs/uploads/{$upload->id}"],
        );
    }

    public function show(Job $job, string $upload, #[CurrentUser] User $user): Response
    {
        $this->authorize('photograph', $job);
        $found = self::uploadOf($job, $upload, $user);
        // The last piece may have arrived and its answer not: what is told to be whole is kept first.
        $found->isWhole() && (new PhotographUploads($job))->keep($found, $user);

        return response(
            '',
            200,
            [...self::VERSION, 'Upload-Offset' => (string) $found->offset, 'Upload-Length' => (string) $found->length],
        );
    }

    public function append(Request $request, Job $job, string $upload, #[CurrentUser] User $user): Response
    {
        $this->authorize('photograph', $job);
        $found = self::uploadOf($job, $upload, $user);
        $offset = $request->header('Upload-Offset');
        is_string($offset) && ctype_digit($offset) || abort(
            422,
            'Not kept: Upload-Offset is missing. Say after how many bytes this piece begins.',
        );
        $whole = (new PhotographUploads($job))->append($found, $user, (int) $offset, (string) $request->getContent());
        $whole === null && abort(
            409,
            'Not kept: this piece does not follow what has arrived. Ask how much has, and go on from there.',
        );

        return response('', 204, [...self::VERSION, 'Upload-Offset' => (string) $found->offset]);
    }

    private static function uploadOf(Job $job, string $upload, User $user): PhotographUpload
    {
        return PhotographUpload::query()->where('job_id', $job->id)->where('user_id', $user->id)->find($upload) ?? abort(
            404,
            'There is no such upload any more. Send the picture again.',
        );
    }

    /** @return array<string, string> as the protocol has it: names and base64, parted by commas */
    private static function metadata(string $header): array
    {
        $told = [];
        foreach (array_filter(explode(',', $header)) as $pair) {
            [$name, $value] = [...explode(' ', trim($pair), 2), ''];
            $text = (string) base64_decode($value, true);
            $told[$name] = mb_check_encoding($text, 'UTF-8') ? $text : '';
        }

        return $told;
    }
}
