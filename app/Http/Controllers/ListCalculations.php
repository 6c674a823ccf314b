<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\Catalogue;

final class ListCalculations
{
    public function __invoke(): JsonResponse
    {
        $rows = [];
        foreach (Catalogue::entries() as $name => $entry) {
            $rows[] = ['name' => $name, 'title' => $entry->title];
        }

        return new JsonResponse(['calculations' => $rows]);
    }
}
