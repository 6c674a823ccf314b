<?php

declare(strict_types=1);

namespace App\Http;

use App\Bench\Bench;
use ErrorException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Config;

/**
 * What takes long and does not depend on the figure being typed: kept from one key to the next, until the bench is
 * written to.
 */
final class Kept
{
    private const STORE = 'answers';

    private const SECONDS = 3600;

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  string  $of  all that it is made of beside the bench; of each name the last is kept
     * @param  callable(): T  $make
     * @return T
     */
    public static function once(Bench $bench, string $name, string $of, string $class, callable $make): object
    {
        $tag = implode(' ', [Config::string('app.started'), $bench->id, $bench->revision, $of]);
        try {
            $kept = Cache::store(self::STORE)->get("$class $name");
            if (is_array($kept) && ($kept[0] ?? null) === $tag && ($kept[1] ?? null) instanceof $class) {
                return $kept[1];
            }
            $made = $make();
            Cache::store(self::STORE)->put("$class $name", [$tag, $made], self::SECONDS);

            return $made;
        } catch (ErrorException) {
            // A full disk keeps nobody from reading.
            return $make();
        }
    }
}
