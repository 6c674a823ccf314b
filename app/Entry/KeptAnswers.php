<?php

declare(strict_types=1);

namespace App\Entry;

use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Answers that took their time, kept until what they were made of changes: several windows, and a page that is left
 * and come back to, ask for the same. Of each address the last one alone is kept; a start throws all of them away.
 */
final readonly class KeptAnswers
{
    private const STORE = 'answers';

    /** What is made faster than it is kept and read. */
    private const WORTH_MS = 3.0;

    private const SECONDS = 3600;

    private Repository $store;

    public function __construct(Factory $caches)
    {
        $this->store = $caches->store(self::STORE);
    }

    /**
     * @param  string  $tag  of all that the answer is made of
     * @param  callable(): Response  $make
     */
    public function answer(Request $request, string $tag, callable $make): Response
    {
        $address = self::address($request);
        $kept = $this->kept($address, $tag.$request->getQueryString());
        if ($kept !== null) {
            return JsonResponse::fromJsonString($kept);
        }
        $start = hrtime(true);
        $response = $make();
        if ((hrtime(true) - $start) / 1e6 > self::WORTH_MS && self::isData($response)) {
            $this->keep($address, [$tag.$request->getQueryString(), (string) $response->getContent()]);
        }

        return $response;
    }

    private function kept(string $address, string $tag): ?string
    {
        try {
            $kept = $this->store->get($address);
        } catch (Throwable) {
            // Without it the answer is made, as ever.
            return null;
        }

        return is_array($kept) && ($kept[0] ?? null) === $tag && is_string($kept[1] ?? null) ? $kept[1] : null;
    }

    /** @param  array{string, string}  $kept */
    private function keep(string $address, array $kept): void
    {
        try {
            $this->store->put($address, $kept, self::SECONDS);
        } catch (Throwable) {
            // A full disk keeps nobody from reading.
        }
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
