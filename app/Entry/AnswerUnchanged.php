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
        $made = $this->madeOf();
        foreach (self::held($request) as $held) {
            if (str_starts_with($held, "\"$made-")) {
                return self::unchanged($held);
            }
        }
        $response = $this->kept->answer($request, $made, static fn (): Response => $next($request));
        if (! $response->isOk() || $response->getEtag() !== null || $response->isCacheable()) {
            return $response;
        }
        $body = hash('xxh64', (string) $response->getContent());
        $tag = "\"$made-$body\"";

        return $response->getContent() !== false && self::holds($request, $body)
            ? self::unchanged($tag)
            : self::tagged($response, $tag);
    }

    /** Worked out anew in another minute, and the same to the letter: it need not be sent again. */
    private static function holds(Request $request, string $body): bool
    {
        foreach (self::held($request) as $held) {
            if (str_ends_with($held, "-$body\"")) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> a server that compresses on the way calls them weak */
    private static function held(Request $request): array
    {
        return array_map(
            static fn (string $tag): string => str_starts_with($tag, 'W/') ? substr($tag, 2) : $tag,
            array_values(array_filter($request->getETags(), is_string(...))),
        );
    }

    private static function unchanged(string $tag): Response
    {
        return self::tagged(new Response('', Response::HTTP_NOT_MODIFIED), $tag);
    }

    private static function tagged(Response $response, string $tag): Response
    {
        $response->headers->set('ETag', $tag);
        $response->headers->set('Cache-Control', 'private, no-cache');

        return $response;
    }

    /** All that an answer is made of. */
    private function madeOf(): string
    {
        return hash('xxh64', implode(' ', [
            Kept::origin(),
            $this->bench->id,
            $this->bench->revision,
            json_encode($this->user->getAttributes(), JSON_THROW_ON_ERROR),
            intdiv(Carbon::now()->getTimestamp(), self::SECONDS),
        ]));
    }
}
