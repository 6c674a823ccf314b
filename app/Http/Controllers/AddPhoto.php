<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\PhotoFile;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\LookOver;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** A photograph of the tool, shrunk and without what the camera wrote into it. */
final class AddPhoto
{
    private const MOST = 12;

    public function __invoke(Request $request, Ledger $ledger, LookOver $look, LengthFormatter $format): JsonResponse
    {
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw InvalidInput::because('photo', 'Choose a picture of less than '.ini_get('upload_max_filesize').'B.');
        }
        if ($look->photos()->count() >= self::MOST) {
            throw InvalidInput::because('photo', 'Twelve pictures are enough. Take one away first.');
        }
        $kept = PhotoFile::keep($file->getPathname());
        $ledger->save(static function (Changes $changes) use ($look, $kept): void {
            $changes->create($look->photos(), ['file' => $kept->name, 'width' => $kept->width, 'height' => $kept->height]);
        });

        return (new ShowLook)($look, $format)->setStatusCode(201);
    }
}
