<?php

declare(strict_types=1);

namespace App\Stall;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Stall\Answer\LookAnswer;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photos of what was looked over. */
final class PhotoController
{
    private const MOST = 12;

    /**
     * A photograph of the tool, shrunk and without what the camera wrote into it.
     *
     * @return Created<LookAnswer>
     */
    public function store(Request $request, Ledger $ledger, LookOver $look, LengthFormatter $format): Created
    {
        $file = $request->file('photo');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw InvalidInput::because(
                'photo',
                'Choose a picture of less than '.ini_get('upload_max_filesize').'B.',
            );
        }
        self::refuseMore($look);
        $kept = PhotoFile::keep($file->getPathname());
        $ledger->save(static function (Changes $changes) use ($look, $kept): void {
            try {
                // Counted under the lock: others may have come meanwhile.
                self::refuseMore($look);
            } catch (InvalidInput $tooMany) {
                $kept->discard();

                throw $tooMany;
            }
            $changes->create($look->photos(), [
                'file' => $kept->name,
                'width' => $kept->width,
                'height' => $kept->height,
            ]);
        });

        return new Created((new LookOverController())->show($look, $format));
    }

    /** @throws InvalidInput when there are as many as there may be */
    private static function refuseMore(LookOver $look): void
    {
        if ($look->photos()->count() >= self::MOST) {
            throw InvalidInput::because('photo', 'Twelve pictures are enough. Remove one first.');
        }
    }

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
