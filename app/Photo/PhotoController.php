<?php

declare(strict_types=1);

namespace App\Photo;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photographs, whatever they are of. */
final class PhotoController
{
    public function show(Photo $photo): BinaryFileResponse
    {
        $path = PhotoFile::folder().'/'.basename($photo->file);
        abort_unless(is_file($path), 404);

        return new BinaryFileResponse($path, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Photo $photo): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'photo-removed',
            'photograph',
            'Removed a photograph.',
            static fn (Changes $changes) => $changes->delete($photo, $request->version()),
        );

        return DiaryResource::entry($entry);
    }
}
