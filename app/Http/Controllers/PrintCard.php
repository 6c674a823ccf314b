<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\CardOfBench;
use App\Models\Bench;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Measure\LengthFormatter;

/** The week on one page, for the wall. */
final class PrintCard
{
    public function __invoke(Bench $bench, string $kind, LengthFormatter $format): Response
    {
        return PrintedSheet::answer((new CardOfBench($bench, $format))->sheet(), $kind, 'bench-card');
    }
}
