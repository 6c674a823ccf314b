<?php

declare(strict_types=1);

namespace App\Entry;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/**
 * Long work goes a few at a time, so that a keystroke never waits behind it: of the server's workers a few compute,
 * a few wait for their turn, and the rest are always free for what is quick.
 *
 * A turn is a lock on a file, which ends with the process that holds it, however that ends.
 */
final class TakeTurns
{
    private const AT_ONCE = 2;

    private const WAITING = 6;

    private const PATIENCE_SECONDS = 20.0;

    private const LOOK_MICROSECONDS = 20_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return self::within(static fn (): Response => $next($request));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws ServiceUnavailableHttpException when others are at it for long
     */
    public static function within(Closure $work): mixed
    {
        $turn = self::lock('turn', self::AT_ONCE) ?? self::wait();
        try {
            return $work();
        } finally {
            fclose($turn);
        }
    }

    /**
     * @return resource
     *
     * @throws ServiceUnavailableHttpException
     */
    private static function wait(): mixed
    {
        $place = self::lock('waiting', self::WAITING);
        $until = microtime(true) + self::PATIENCE_SECONDS;
        while ($place !== null && microtime(true) < $until) {
            usleep(self::LOOK_MICROSECONDS);
            $turn = self::lock('turn', self::AT_ONCE);
            if ($turn !== null) {
                fclose($place);

                return $turn;
            }
        }
        throw new ServiceUnavailableHttpException(
            2,
            'Jack Rest is busy with other long work: nothing was changed. Try again in a moment.',
        );
    }

    /** @return resource|null null: all of them are taken */
    private static function lock(string $what, int $many): mixed
    {
        for ($place = 0; $place < $many; $place++) {
            $file = @fopen(storage_path("$what-$place.lock"), 'c');
            if ($file === false) {
                return self::withoutTurns();
            }
            if (flock($file, LOCK_EX | LOCK_NB)) {
                return $file;
            }
        }

        return null;
    }

    /**
     * On a disk that takes no more there is nothing to lock, and reading goes on all the same.
     *
     * @return resource
     */
    private static function withoutTurns(): mixed
    {
        $nothing = fopen('php://memory', 'r');
        assert($nothing !== false);

        return $nothing;
    }
}
