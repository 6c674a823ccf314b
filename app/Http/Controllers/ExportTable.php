<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\CsvTable;
use App\Files\Tables;
use App\Models\Bench;
use Illuminate\Http\Response;

/** One of the bench’s tables as CSV. */
final class ExportTable
{
    public function __invoke(Bench $bench, string $what): Response
    {
        $table = Tables::named($what);

        return new Response(CsvTable::write($table->columns(), $table->rows($bench)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"jack-rest-$what.csv\"",
        ]);
    }
}
