<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A picture under its content, to those who may see its boat. */
final class PhotographController extends Controller
{
    public function __invoke(Request $request, Job $job, string $photograph): Response
    {
        $this->authorize('view', $job);
        $jpeg = $job->photographs()->where('content', $photograph)->value(
            $request->boolean('thumbnail') ? 'thumbnail' : 'picture',
        );
        is_string($jpeg) || abort(404, 'There is no such picture.');

        return response($jpeg, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }
}
