<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Reference\Answer\WindingAnswer;
use App\Reference\Answer\WindingPreviewAnswer;
use JackRest\Core\Measure\LengthFormatter;

/** A board sighted with winding sticks. */
final class WindingController
{
    /** What a test with winding sticks begins with: the user's own sticks. */
    public function show(Bench $bench, LengthFormatter $format): WindingAnswer
    {
        return WindingResource::page($bench, $format);
    }

    /** A board under winding sticks as far as it has been typed; writes nothing. */
    public function preview(WindingFormRequest $request, LengthFormatter $format): WindingPreviewAnswer
    {
        return WindingResource::preview($request->sheet($format), $format);
    }
}
