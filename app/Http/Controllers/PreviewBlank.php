<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BlankRequest;
use App\Http\Resources\FieldResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A blank as far as it was described; writes nothing. */
final class PreviewBlank
{
    public function __invoke(BlankRequest $request, LengthFormatter $format): JsonResponse
    {
        $form = $request->form($format);
        $missing = $form->missing();

        return new JsonResponse([
            'figures' => FieldResource::readings($form),
            'missing' => (object) $missing,
            'sound' => $form->isSound() && $missing === [],
        ]);
    }
}
