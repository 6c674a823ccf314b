<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\Bench;
use App\Upgrade\LeftOver;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The whole bench, to be carried away. */
final class BenchFileController
{
    public function show(Bench $bench): BinaryFileResponse
    {
        $path = LeftOver::passing();
        (new BenchFileOut($bench))->write($path);
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($bench->name)), '-');

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip']))
            ->setContentDisposition('attachment', ($name === '' ? 'bench' : $name).'.zip')
            ->deleteFileAfterSend();
    }
}
