<?php

declare(strict_types=1);

namespace App\Http;

/** The command as it is called here: beside the program, or anywhere once it is installed. */
final class InTerminal
{
    public static function command(string $arguments): string
    {
        $command = getenv('JACKREST_COMMAND');

        return ($command === false ? './jackrest' : $command)." $arguments";
    }
}
