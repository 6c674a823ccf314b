<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\AnswerStore;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers that took their time, kept until what they were made of changes: several windows, and a page that is left
 * and come back to, ask for the same. Of each address the last one alone is kept; a start throws all of them away.
 */
final readonly class KeptAnswers
{
    /** What is made faster than it is kept and read. */
    private const WORTH_MS = 3.0;

    /**
     * @param  string  $tag  of all that the answer is made of
     * @param  callable(): Response  $make
     */
    public function answer(Request $request, string $tag, callable $make): Response
    {
        $address = self::address($request);
        $asked = $tag.$request->getQueryString();
        $kept = AnswerStore::get($address, $asked);
        if (is_string($kept)) {
            return JsonResponse::fromJsonString($kept);
        }
        $start = hrtime(true);
        $response = $make();
        if ((hrtime(true) - $start) / 1e6 > self::WORTH_MS && self::isData($response)) {
            AnswerStore::put($address, $asked, (string) $response->getContent());
        }

        return $response;
    }

    private static function isData(Response $response): bool
    {
        return $response->isOk() &&
            str_starts_with((string) $response->headers->get('Content-Type'), 'application/json');
    }

    private static function address(Request $request): string
    {
        return hash('xxh128', $request->path());
    }
}
