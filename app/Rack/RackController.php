<?php

declare(strict_types=1);

namespace App\Rack;

use App\Bench\Bench;
use App\Edge\EdgesPerYear;
use App\Http\FieldResource;
use Illuminate\Http\JsonResponse;

/** The rack: stones on one scale, and one that might join them. */
final class RackController
{
    public function show(Bench $bench): JsonResponse
    {
        return new JsonResponse(RackResource::of(new RackOfBench($bench), EdgesPerYear::of($bench)));
    }

    /** A piece of the rack as far as it has been described; writes nothing. */
    public function preview(StoneFormRequest $request): JsonResponse
    {
        $sheet = $request->sheet();

        return new JsonResponse([
            'figures' => FieldResource::readings($sheet->form),
            'name' => $sheet->name,
            'particleUm' => $sheet->particleUm,
            'elsewhere' => $sheet->elsewhere(),
            'sound' => $sheet->isSound(),
        ]);
    }
}
