<?php

declare(strict_types=1);

namespace App\Session;

use App\Http\Answer;
use App\Http\Answer\ErrorsAnswer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use JackRest\Core\Calculation\InvalidInput;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * Long work that tells how far it is: one JSON object a line, `{"done", "of"}` as often as it likes, at last
 * `{"answer"}` or `{"errors"}`. Who does not ask for that gets the answer alone.
 *
 * A browser that goes away stops it: PHP ends at the next line that it cannot send, and nothing is committed.
 */
final class Progress
{
    public const TYPE = 'application/x-ndjson';

    /** @param  callable(callable(int, int): void): Answer  $work */
    public static function answer(Request $request, callable $work, int $status = 200): JsonResponse|StreamedResponse
    {
        if (! in_array(self::TYPE, $request->getAcceptableContentTypes(), true)) {
            return new JsonResponse($work(static fn (int $done, int $of) => null), $status);
        }

        return new StreamedResponse(
            static function () use ($work): void {
                try {
                    self::tell([
                        'answer' => $work(static fn (int $done, int $of) => self::tell(['done' => $done, 'of' => $of])),
                    ]);
                } catch (InvalidInput $problem) {
                    self::tell((new ErrorsAnswer($problem->errors))->jsonSerialize());
                }
            },
            200,
            ['Content-Type' => self::TYPE, 'X-Accel-Buffering' => 'no'],
        );
    }

    /** @param  array<string, mixed>  $line */
    private static function tell(array $line): void
    {
        echo json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), "\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
