<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Facades\Cache;
use Throwable;

/** What was worked out once, under its name, until what it was made of changes; of each name the last alone is kept. */
final class AnswerStore
{
    private const STORE = 'answers';

    private const SECONDS = 3600;

    /** @param  string  $tag  of all that it was made of; under another it counts as not kept */
    public static function get(string $name, string $tag): mixed
    {
        try {
            $kept = Cache::store(self::STORE)->get($name);
        } catch (Throwable) {
            // Without it the answer is made, as ever.
            return null;
        }

        return is_array($kept) && ($kept[0] ?? null) === $tag ? $kept[1] ?? null : null;
    }

    public static function put(string $name, string $tag, mixed $value): void
    {
        try {
            Cache::store(self::STORE)->put($name, [$tag, $value], self::SECONDS);
        } catch (Throwable) {
            // A full disk keeps nobody from reading.
        }
    }
}
