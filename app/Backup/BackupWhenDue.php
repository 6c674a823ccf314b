<?php

declare(strict_types=1);

namespace App\Backup;

use App\Upgrade\DatabaseFile;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Makes the backups that are due after a window's pulse was answered: while nobody looks, nothing changes. It looks
 * whether one is due once in ten minutes, and one worker alone makes it.
 */
final class BackupWhenDue
{
    private const SECONDS = 600;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        if (DatabaseFile::ofApplication()->path === ':memory:') {
            return;
        }
        $mark = storage_path('.backup-looked');
        $lock = fopen($mark, 'c');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            return;
        }
        clearstatcache(true, $mark);
        if (filesize($mark) === 0 || (int) filemtime($mark) + self::SECONDS <= time()) {
            ftruncate($lock, 0);
            fwrite($lock, (string) time());
            try {
                Backups::ofApplication()->makeDue();
            } catch (Throwable $why) {
                // The page of backups shows how old the last one is.
                report($why);
            }
        }
        fclose($lock);
    }
}
