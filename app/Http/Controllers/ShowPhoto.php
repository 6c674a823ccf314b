<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\PhotoFile;
use App\Models\Photo;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class ShowPhoto
{
    public function __invoke(Photo $photo): BinaryFileResponse
    {
        $path = PhotoFile::folder().'/'.basename($photo->file);
        abort_unless(is_file($path), 404);

        return new BinaryFileResponse($path, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
