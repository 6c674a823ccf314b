<?php

declare(strict_types=1);

namespace App\Reference;

use App\Reference\Answer\ThreeEdgesPageAnswer;
use App\Reference\Answer\ThreeEdgesPreviewAnswer;
use JackRest\Core\Measure\LengthFormatter;

/** Three edges tested against each other. */
final class ThreeEdgesController
{
    /** What a test of three edges begins with. */
    public function show(LengthFormatter $format): ThreeEdgesPageAnswer
    {
        return ThreeEdgesResource::page($format);
    }

    /** Three edges against each other as far as they have been read; writes nothing. */
    public function preview(ThreeEdgesFormRequest $request, LengthFormatter $format): ThreeEdgesPreviewAnswer
    {
        return ThreeEdgesResource::preview($request->sheet($format), $format);
    }
}
