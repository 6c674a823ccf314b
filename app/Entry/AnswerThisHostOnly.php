<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\Answer\ErrorsAnswer;
use App\People\Shop;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses requests meant for another host name and requests sent by another origin's pages.
 *
 * The first keeps a name that was made to point here from reading the bench; the second keeps other pages
 * in the same browser from writing to it.
 */
final class AnswerThisHostOnly
{
    private const HOSTS = ['127.0.0.1', 'localhost', '[::1]'];

    /** What a browser calls a page of another site, and one of another host of the same site (Fetch Metadata, W3C). */
    private const OTHERS = ['cross-site', 'same-site'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d+$/', '', (string) $request->headers->get('Host')));
        if (! in_array($host, [...self::HOSTS, ...Shop::hosts()], true)) {
            return self::refusal('Jack Rest answers under its own addresses only.', 421);
        }
        $origin = $request->headers->get('Origin');
        $own = strtolower("{$request->getScheme()}://{$request->headers->get('Host')}");
        $foreign = $origin !== null && strtolower($origin) !== $own;
        if ($foreign || in_array($request->headers->get('Sec-Fetch-Site'), self::OTHERS, true)) {
            return self::refusal('Requests from other origins are refused.', 403);
        }

        return $next($request);
    }

    private static function refusal(string $message, int $status): JsonResponse
    {
        return new JsonResponse(ErrorsAnswer::one($message), $status);
    }
}
