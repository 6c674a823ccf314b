<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;

/**
 * An answer that tells of a new record: 201.
 *
 * @template-covariant T of Answer
 */
final class Created extends JsonResponse
{
    /** @param  T  $answer */
    public function __construct(Answer $answer)
    {
        parent::__construct($answer, self::HTTP_CREATED);
    }
}
