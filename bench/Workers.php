<?php

declare(strict_types=1);

namespace Bench;

/** The processes of a server as the kernel tells of them: what they computed, and what they hold. */
final readonly class Workers
{
    /** Ticks of the kernel's clock to a second, on every Linux this runs on. */
    private const TICKS = 100;

    public function __construct(private int $port)
    {
    }

    /** Seconds computed so far, by all of them. */
    public function seconds(): float
    {
        $ticks = 0;
        foreach ($this->ids() as $id) {
            $told = (string) @file_get_contents("/proc/$id/stat");
            $fields = explode(' ', (string) preg_replace('/^.*\) /', '', $told));
            $ticks += (int) ($fields[11] ?? 0) + (int) ($fields[12] ?? 0);
        }

        return $ticks / self::TICKS;
    }

    /** Memory they hold, MB; what they share is counted once. */
    public function megabytes(): float
    {
        $kilobytes = 0;
        foreach ($this->ids() as $id) {
            $told = (string) @file_get_contents("/proc/$id/smaps_rollup");
            $kilobytes += preg_match('/^Pss:\s+(\d+)/m', $told, $found) === 1 ? (int) $found[1] : 0;
        }

        return $kilobytes / 1024;
    }

    /** @return list<int> */
    private function ids(): array
    {
        exec("pgrep -f -- '-S 127.0.0.1:{$this->port}'", $ids);

        return array_map(intval(...), $ids);
    }
}
