<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Kit\Answer\AlternativesAnswer;
use App\Kit\Answer\KindsAnswer;
use App\Kit\Answer\KitAnswer;
use App\Kit\Answer\LadderAnswer;
use App\School\KitSettings;
use App\Tool\Answer\KindAnswer;
use App\Tool\KindResource;
use App\Work\KitOfBench;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/** The board of tools and the ways to close the gap. */
final class KitController
{
    public function show(Bench $bench): KitAnswer
    {
        return KitResource::of(new KitOfBench($bench));
    }

    public function ladder(Bench $bench): LadderAnswer
    {
        return LadderResource::of(new KitOfBench($bench));
    }

    public function alternatives(Bench $bench): AlternativesAnswer
    {
        return AlternativesResource::of(new KitOfBench($bench));
    }

    public function kinds(Bench $bench, LengthFormatter $format): KindsAnswer
    {
        $school = KitSettings::now($bench)->school();

        return new KindsAnswer(
            kinds: array_values(
                array_map(
                    static fn (ToolKind $kind): KindAnswer => KindResource::of($kind, $school, $format),
                    ToolKinds::all(),
                ),
            ),
            groups: KindResource::groups(),
        );
    }
}
