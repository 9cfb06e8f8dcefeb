<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

/**
 * Where the design of one surface stands in the document of its job. Within the design of a surface places are told from there
 * ("/surface/width_m"), in the document by ids ("/surfaces/south/width_m"); all else is the job's and has one name. One block
 * is in view; places in the others of the surface are told by their ids here too.
 */
final readonly class Part
{
    /**
     * @param list<string> $others Places of the further blocks of the surface and of their modules
     * @param string|null $table Id where it is the part of a table, of its module alone
     */
    public function __construct(
        public string $surface,
        public string $block,
        public string $module,
        public string $kit,
        public array $others = [],
        private ?string $table = null,
    ) {
    }

    public static function ofTable(string $table, string $module): self
    {
        return new self('', '', $module, '', [], $table);
    }

    /** The place in the document of one in the design of the surface. */
    public function inJob(string $pointer): string
    {
        foreach ($this->names() as $here => $there) {
            if ($pointer === $here || str_starts_with($pointer, "$here/")) {
                return $there.substr($pointer, strlen($here));
            }
        }

        return $pointer;
    }

    /** The place in the design of the surface; null for one in another surface, block, module or kit. */
    public function here(string $pointer): ?string
    {
        foreach ($this->names() as $here => $there) {
            if ($pointer === $there || str_starts_with($pointer, "$there/")) {
                return $here.substr($pointer, strlen($there));
            }
        }

        foreach ($this->others as $other) {
            if ($pointer === $other || str_starts_with($pointer, "$other/")) {
                return $pointer;
            }
        }

        return preg_match('~^/(surfaces|blocks|modules|kits|tables)(/|$)~', $pointer) === 1 ? null : $pointer;
    }

    /** What a signature stands for, in the document: coefficients are the job's, stops and structures a surface's. */
    public function subjectInJob(string $subject): string
    {
        return str_starts_with($subject, 'coefficient/') ? $subject : $this->own().$subject;
    }

    /** The same in the design of the surface; null for another surface's. */
    public function subjectHere(string $subject): ?string
    {
        $own = $this->own();

        return str_starts_with($subject, $own) ? substr($subject, strlen($own)) : (preg_match('~^(surface|table)/~', $subject) === 1 ? null : $subject);
    }

    private function own(): string
    {
        return $this->table === null ? "surface/{$this->surface}/" : "table/{$this->table}/";
    }

    /** @return array<string, string> */
    private function names(): array
    {
        return $this->table !== null ? ['/table' => "/tables/{$this->table}", '/module' => "/modules/{$this->module}"] : [
            '/surface' => "/surfaces/{$this->surface}",
            '/block' => "/blocks/{$this->block}",
            '/module' => "/modules/{$this->module}",
            '/kit' => "/kits/{$this->kit}",
        ];
    }
}
