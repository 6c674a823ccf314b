<?php

declare(strict_types=1);

namespace App\Entry;

use App\Upgrade\UseOfDatabase;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/** While the database is replaced by a copy, nothing is read from it and nothing is written to it. */
final class RefuseWhileRestoring
{
    private const AGAIN_SECONDS = 2;

    private const USES = ['api/*', 'up'];

    /** The one that replaces it waits for all others, and would wait for itself. */
    private const REPLACES = 'api/backups/*/back';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->is(...self::USES) || $request->is(self::REPLACES)) {
            return $next($request);
        }
        $end = UseOfDatabase::ofApplication()->shared() ?? throw new ServiceUnavailableHttpException(
            self::AGAIN_SECONDS,
            'A backup is being restored: nothing was recorded. Try again in a moment.',
        );
        // Not before the answer is sent: what takes long is worked out on the way.
        app()->terminating($end);

        return $next($request);
    }
}
