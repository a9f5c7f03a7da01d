-- Texts of up to so many bytes stand in their rows. Kept beside them, the three of each edit made the file grow by half
-- as much again.
set max_length_inplace_lob 4000;
