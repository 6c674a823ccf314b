<?php

declare(strict_types=1);

namespace App\Entry;

use App\Bench\Bench;
use App\Bench\User;
use App\Http\Kept;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page that was asked for before and cannot have changed costs nothing to answer: every write counts the bench's
 * revision up, and what an answer has besides is the user's preferences, the time of day, the program that was started
 * and the file it reads.
 */
final class AnswerUnchanged
{
    /** What is read elsewhere than from the bench: another device, all benches. */
    private const NEVER = ['api/instrument', 'api/instrument/*', 'api/benches', 'api/pulse'];

    /** No page tells the time more finely. */
    private const SECONDS = 60;

    public function __construct(
        private readonly Bench $bench,
        private readonly User $user,
        private readonly KeptAnswers $kept,
    ) {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethod('GET') || $request->is(...self::NEVER)) {
            return $next($request);
        }
        $tag = $this->tag();
        if (in_array($tag, $request->getETags(), true)) {
            return self::tagged(new Response('', Response::HTTP_NOT_MODIFIED), $tag);
        }
        $response = $this->kept->answer($request, $tag, static fn (): Response => $next($request));

        return $response->isOk() && $response->getEtag() === null && ! $response->isCacheable()
            ? self::tagged($response, $tag)
            : $response;
    }

    private static function tagged(Response $response, string $tag): Response
    {
        $response->headers->set('ETag', $tag);
        $response->headers->set('Cache-Control', 'private, no-cache');

        return $response;
    }

    private function tag(): string
    {
        return '"'.hash('xxh64', implode(' ', [
            Kept::origin(),
            $this->bench->id,
            $this->bench->revision,
            json_encode($this->user->getAttributes(), JSON_THROW_ON_ERROR),
            intdiv(Carbon::now()->getTimestamp(), self::SECONDS),
        ])).'"';
    }
}
