<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Files\Answer\ImportPreviewAnswer;
use App\Files\CsvTable;
use App\Files\ImportResource;
use App\Ledger\Ledger;
use App\Session\Progress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Tables out of the bench and into it. */
final class FileController
{
    /** One of the bench’s tables as CSV. */
    public function show(Bench $bench, string $what): Response
    {
        $table = Tables::out($what);

        return new Response(CsvTable::write($table->columns(), $table->rows($bench)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"jack-rest-$what.csv\"",
        ]);
    }

    /** What a file would bring; writes nothing. */
    public function preview(ImportRequest $request, Bench $bench, string $what): JsonResponse|StreamedResponse
    {
        return Progress::answer(
            $request,
            static fn (callable $told): ImportPreviewAnswer => ImportResource::of(
                $request->import($bench, $what, $told),
            ),
        );
    }

    public function store(ImportRequest $request, Ledger $ledger, string $what): JsonResponse|StreamedResponse
    {
        return Progress::answer(
            $request,
            static fn (callable $told): DiaryEntryAnswer => DiaryResource::entry(
                $request->import($ledger->bench, $what, $told)->take($ledger),
            ),
            201,
        );
    }
}
