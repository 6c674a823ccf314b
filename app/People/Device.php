<?php

declare(strict_types=1);

namespace App\People;

/** What a browser says it runs on. */
final class Device
{
    /** By what browsers write of themselves; common practice. */
    private const SIGNS = ['Tablet' => 'tablet', 'Pad;' => 'tablet', 'Mobi' => 'phone'];

    public static function called(string $agent): string
    {
        foreach (self::SIGNS as $sign => $device) {
            if (str_contains($agent, $sign)) {
                return $device;
            }
        }

        return 'computer';
    }
}
