-- A scheme has its own row since 0006.
ALTER TABLE "job" DROP COLUMN "scheme_name";
