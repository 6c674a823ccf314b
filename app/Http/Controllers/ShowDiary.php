<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DiaryRequest;
use App\Http\Resources\DiaryResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowDiary
{
    private const PAGE = 50;

    public function __invoke(DiaryRequest $request, Bench $bench): JsonResponse
    {
        $query = $bench->diary()->with('undoneBy')->latest('id');
        $query->limit(self::PAGE + 1);
        foreach ($request->words() as $word) {
            $query->whereRaw("sentence like ? escape '!'", ['%'.str_replace(['!', '%', '_'], ['!!', '!%', '!_'], $word).'%']);
        }
        if ($request->before() !== null) {
            $query->where('id', '<', $request->before());
        }
        $entries = array_values($query->get()->all());

        return new JsonResponse([
            'entries' => array_map(DiaryResource::entry(...), array_slice($entries, 0, self::PAGE)),
            'more' => count($entries) > self::PAGE,
        ]);
    }
}
