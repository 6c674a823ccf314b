<?php

declare(strict_types=1);

namespace App\Http;

use App\Bench\Bench;
use Illuminate\Support\Facades\Config;

/**
 * What takes long and does not depend on the figure being typed: kept from one key to the next, until the bench is
 * written to.
 */
final class Kept
{
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
        $tag = implode(' ', [self::origin(), $bench->id, $bench->revision, $of]);
        $kept = AnswerStore::get("$class $name", $tag);
        if ($kept instanceof $class) {
            return $kept;
        }
        $made = $make();
        AnswerStore::put("$class $name", $tag, $made);

        return $made;
    }

    /**
     * Which program answers from which file: what another version made is not taken for the same, nor what was made of
     * a file whose copy was taken back since, and whose revision this bench may have had.
     */
    public static function origin(): string
    {
        $path = config('database.connections.sqlite.database');
        $file = is_string($path) && is_file($path) ? (string) fileinode($path) : '';

        return Config::string('app.started')." $file";
    }
}
