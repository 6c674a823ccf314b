<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the application answers and its database can be read. */
final class ShowHealth
{
    public function __invoke(): JsonResponse
    {
        DB::table('benches')->exists();

        return new JsonResponse(['status' => 'up']);
    }
}
