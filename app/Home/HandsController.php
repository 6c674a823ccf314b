<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Home\Answer\HandsAnswer;
use App\Session\BenchSession;
use JackRest\Core\Measure\LengthFormatter;

/** What the hands do in bench mode. */
final class HandsController
{
    /** Step by step: fetched once, and drawn as they go on. */
    public function show(BenchSession $session, Bench $bench, LengthFormatter $format): HandsAnswer
    {
        return HandsResource::of($session, $bench, $format);
    }
}
