<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\Answer\ErrorsAnswer;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses what is larger than anything a page sends, before any of it is read. */
final class BoundBody
{
    /** Of a form, a record, a calculation; bytes. */
    private const MOST = 1_000_000;

    /** Of a file or a photograph; what PHP and nginx take at most, too. */
    private const MOST_OF_FILE = 24_000_000;

    private const FILES = ['api/files/*', 'api/benches/file*', 'api/*/photos'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $most = $request->is(...self::FILES) ? self::MOST_OF_FILE : self::MOST;
        if ((int) $request->headers->get('Content-Length', '0') <= $most) {
            return $next($request);
        }
        $megabytes = intdiv($most, 1_000_000);

        return new JsonResponse(ErrorsAnswer::one("That is too large: send at most $megabytes MB."), 413);
    }
}
