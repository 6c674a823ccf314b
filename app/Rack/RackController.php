<?php

declare(strict_types=1);

namespace App\Rack;

use App\Bench\Bench;
use App\Edge\Edge;
use App\Edge\EdgesPerYear;
use App\Rack\Answer\RackAnswer;
use App\Rack\Answer\StonePreviewAnswer;
use App\Stone\RackOfBench;

/** The rack: stones on one scale, and one that might join them. */
final class RackController
{
    public function show(Bench $bench): RackAnswer
    {
        return RackResource::of(new RackOfBench($bench), EdgesPerYear::of($bench), Edge::hasLaminated($bench));
    }

    /** A piece of the rack as far as it has been described; writes nothing. */
    public function preview(StoneFormRequest $request): StonePreviewAnswer
    {
        $form = $request->form();

        return new StonePreviewAnswer(
            figures: $form->form->readings,
            name: $form->name,
            particleUm: $form->particleUm,
            elsewhere: $form->elsewhere(),
            sound: $form->isSound(),
        );
    }
}
