<?php

declare(strict_types=1);

namespace Tests\Fault;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/** Photographs sent at once: there are never more than may be, and none lies in the folder that no look has. */
final class PhotosTest extends TestCase
{
    private const MOST = 12;

    public function test_no_more_are_kept_than_may_be_however_many_come_at_once(): void
    {
        $server = new Server();
        $client = new Client(rtrim($server->url('/'), '/'));
        $picture = self::picture();
        foreach (range(1, 3) as $round) {
            [$status, $look] = $client->ask('POST', '/api/looks', ['kind' => 'jack-plane']);
            self::assertSame(201, $status);
            $photos = "/api/looks/{$look['id']}/photos";
            for ($photo = 0; $photo < self::MOST - 2; $photo++) {
                self::assertSame(201, $client->upload($photos, [$picture])[0][0]);
            }
            $statuses = array_column($client->upload($photos, array_fill(0, 6, $picture)), 0);
            sort($statuses);
            self::assertSame([201, 201, 422, 422, 422, 422], $statuses);
            $kept = glob("{$server->data}/photos/*.jpg");
            self::assertCount($round * self::MOST, $kept === false ? [] : $kept);
            $rows = (new PDO("sqlite:{$server->data}/jackrest.sqlite"))->query('SELECT file FROM photos');
            self::assertNotFalse($rows);
            self::assertCount($round * self::MOST, $rows->fetchAll());
        }
        unlink($picture);
        $server->__destruct();
    }

    private static function picture(): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'jackrest-photo');
        $picture = imagecreatetruecolor(400, 300);
        self::assertNotFalse($picture);
        imagejpeg($picture, $path);

        return $path;
    }
}
