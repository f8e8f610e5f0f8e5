/*M!999999\- enable the sandbox mode */ 

/*!40101 SET @OLD_CHARACTER_SET_CLIENT=@@CHARACTER_SET_CLIENT */;
/*!40101 SET @OLD_CHARACTER_SET_RESULTS=@@CHARACTER_SET_RESULTS */;
/*!40101 SET @OLD_COLLATION_CONNECTION=@@COLLATION_CONNECTION */;
/*!40101 SET NAMES utf8mb4 */;
/*!40103 SET @OLD_TIME_ZONE=@@TIME_ZONE */;
/*!40103 SET TIME_ZONE='+00:00' */;
/*!40014 SET @OLD_UNIQUE_CHECKS=@@UNIQUE_CHECKS, UNIQUE_CHECKS=0 */;
/*!40014 SET @OLD_FOREIGN_KEY_CHECKS=@@FOREIGN_KEY_CHECKS, FOREIGN_KEY_CHECKS=0 */;
/*!40101 SET @OLD_SQL_MODE=@@SQL_MODE, SQL_MODE='NO_AUTO_VALUE_ON_ZERO' */;
/*!40111 SET @OLD_SQL_NOTES=@@SQL_NOTES, SQL_NOTES=0 */;
DROP TABLE IF EXISTS `adjuster`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `adjuster` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `vehicle_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `lamp` varchar(16) NOT NULL,
  `side` varchar(5) NOT NULL,
  `axis` varchar(16) NOT NULL,
  `drive` varchar(80) NOT NULL,
  `place` varchar(120) NOT NULL,
  `reach` varchar(16) NOT NULL,
  `remembered_rate` double DEFAULT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `adjuster_shop` (`shop_id`),
  KEY `adjuster_vehicle` (`vehicle_id`),
  CONSTRAINT `adjuster_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `adjuster_vehicle` FOREIGN KEY (`vehicle_id`) REFERENCES `vehicle` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `adjuster` WRITE;
/*!40000 ALTER TABLE `adjuster` DISABLE KEYS */;
INSERT INTO `adjuster` VALUES
('01074996-ebca-3532-aed1-28faf24bb9b4','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('01800297-693a-3d4b-ab79-b93cc65c4493','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('040fdc77-fe2c-31e3-b04a-ef4562eee9a0','01900000-0000-7000-8000-000000000001','224d1333-64d6-3e1c-82a2-4b9c3fbb3089',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-10-21 04:51:23.269'),
('069b5442-8eca-3b36-ad8b-6e024f29544a','01900000-0000-7000-8000-000000000001','7e6bc3d2-7b6c-3a7d-b3d3-09366215d2df',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-30 04:11:23.269'),
('085d9e03-53c7-331a-bac6-2c70d1b625aa','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'FRONT_FOG','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('09b04738-d2b1-35c0-82a1-241dddc321ed','01900000-0000-7000-8000-000000000001','b4687e74-0641-326d-924d-51c6c765cb90',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 02:51:23.269'),
('11d439c3-d982-30e5-a65a-ede7047eeda5','01900000-0000-7000-8000-000000000001','651f97d1-7b22-3a60-80d6-49e2b4df3995',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-27 04:51:23.269'),
('127a1fda-e44d-3d15-9af6-44054bc60e97','01900000-0000-7000-8000-000000000001','0ed75b06-d3f1-3b59-93cc-45188bf144bd',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 06:51:23.269'),
('12e3888f-169f-3777-908c-6dafaf823562','01900000-0000-7000-8000-000000000001','19481c33-3693-3b19-a75b-f40a21382630',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 01:51:23.269'),
('18c0e8cb-3bdb-3571-8312-980447886560','01900000-0000-7000-8000-000000000001','224d1333-64d6-3e1c-82a2-4b9c3fbb3089',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-10-21 04:51:23.269'),
('1a819954-813e-3f3c-813f-94c6806771e5','01900000-0000-7000-8000-000000000001','19481c33-3693-3b19-a75b-f40a21382630',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 01:51:23.269'),
('1cf83fc3-6b16-3b55-b739-f4749dd69642','01900000-0000-7000-8000-000000000001','224d1333-64d6-3e1c-82a2-4b9c3fbb3089',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-10-21 04:51:23.269'),
('1e152be8-9d08-308f-99b5-68655c3cb8d3','01900000-0000-7000-8000-000000000001','b4687e74-0641-326d-924d-51c6c765cb90',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 02:51:23.269'),
('2cb5c7a8-1471-3921-b961-c31746148caf','01900000-0000-7000-8000-000000000001','281fa363-d0c4-3f27-ae3e-43508096b49b',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 21:51:23.269'),
('36cf25dc-f89d-327b-b68c-6a7c78bde104','01900000-0000-7000-8000-000000000001','651f97d1-7b22-3a60-80d6-49e2b4df3995',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-27 04:51:23.269'),
('396b1756-559a-3dab-92aa-2b947ab160b0','01900000-0000-7000-8000-000000000001','d0547e64-4a44-3d9b-af4b-ea3c8e962985',2,'DIPPED','RIGHT','VERTICAL','hex 6 under a rubber cap','behind the grille, inboard','FRONT_OPEN_ONLY',NULL,'Marten','2026-11-29 23:53:09.269'),
('3bd29169-adb8-3b19-b183-4fc0420664ef','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('441a9ac8-113d-36c7-bd77-6e689a0df5af','01900000-0000-7000-8000-000000000001','b4687e74-0641-326d-924d-51c6c765cb90',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 02:51:23.269'),
('44a381ea-0476-3f3a-bba1-72f63120e2e6','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('468a7252-a005-3dfe-b3e6-f4353fdef8e1','01900000-0000-7000-8000-000000000001','d0547e64-4a44-3d9b-af4b-ea3c8e962985',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 23:51:23.269'),
('471e62f2-1bf2-3917-acdd-5b7a328b541a','01900000-0000-7000-8000-000000000001','6225add6-1357-370a-8f5a-b4d44e016105',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 13:51:23.269'),
('48fb734f-0aac-3a61-9ff4-b9a7f33e9701','01900000-0000-7000-8000-000000000001','7e6bc3d2-7b6c-3a7d-b3d3-09366215d2df',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-30 04:11:23.269'),
('4a26772a-247e-3878-9ed3-b1a2d0627210','01900000-0000-7000-8000-000000000001','611fddf1-1c13-3309-a86e-cb38cedeabaa',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-28 23:51:23.269'),
('52c5ca5a-446f-3a1a-adce-6a4ac89c1889','01900000-0000-7000-8000-000000000001','a23ef8b1-c438-3a41-976f-cb00cb8dc91a',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-30 02:51:23.269'),
('5caa6b3c-351f-32b1-aee5-db54fe61e2c4','01900000-0000-7000-8000-000000000001','7e6bc3d2-7b6c-3a7d-b3d3-09366215d2df',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-30 04:11:23.269'),
('76e58f47-46d8-39b0-95e7-b5e54d9652c2','01900000-0000-7000-8000-000000000001','6225add6-1357-370a-8f5a-b4d44e016105',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 13:51:23.269'),
('7d21b28c-0beb-3542-b4f6-c79614245a63','01900000-0000-7000-8000-000000000001','281fa363-d0c4-3f27-ae3e-43508096b49b',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 21:51:23.269'),
('86436cc5-a49b-3faa-9124-ab58305ee012','01900000-0000-7000-8000-000000000001','6225add6-1357-370a-8f5a-b4d44e016105',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 13:51:23.269'),
('869edc25-f6ae-3333-9700-706d49058b8f','01900000-0000-7000-8000-000000000001','651f97d1-7b22-3a60-80d6-49e2b4df3995',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-27 04:51:23.269'),
('8cb8fd6d-1762-3128-9eb5-a2a6494cbff6','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'FRONT_FOG','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('929b0dbb-29d6-370f-91d8-5317316b565c','01900000-0000-7000-8000-000000000001','e2a6983b-54e7-368f-8335-04b04d5f27b4',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-24 04:51:23.269'),
('92b072bf-cd2f-3663-9ced-985dd27b7861','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('93076608-0b01-3aec-a6fa-9400627b7200','01900000-0000-7000-8000-000000000001','19481c33-3693-3b19-a75b-f40a21382630',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 01:51:23.269'),
('958124dd-0a48-3a2d-9859-0ad500afddd9','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'FRONT_FOG','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('96027e5a-eb24-3499-939d-9b26e5666b2d','01900000-0000-7000-8000-000000000001','b4687e74-0641-326d-924d-51c6c765cb90',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 02:51:23.269'),
('9d438fa8-0861-3e97-80b6-0cb5bb088d27','01900000-0000-7000-8000-000000000001','281fa363-d0c4-3f27-ae3e-43508096b49b',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 21:51:23.269'),
('9e26698f-1087-3536-8fa8-9f1e3086b8ae','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'FRONT_FOG','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('a139c7e3-320b-300b-bf04-26adaee1450f','01900000-0000-7000-8000-000000000001','19481c33-3693-3b19-a75b-f40a21382630',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 01:51:23.269'),
('a14a6cc2-3ed7-388c-a061-b9a4205f7550','01900000-0000-7000-8000-000000000001','a23ef8b1-c438-3a41-976f-cb00cb8dc91a',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-30 02:51:23.269'),
('a17711fa-0f16-394a-95a4-4445a0399665','01900000-0000-7000-8000-000000000001','611fddf1-1c13-3309-a86e-cb38cedeabaa',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-28 23:51:23.269'),
('a28d0774-687a-3572-a3a7-94935ebe1b2e','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'FRONT_FOG','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('ac08f1c9-df68-32cc-845e-84793dd47dcd','01900000-0000-7000-8000-000000000001','7e6bc3d2-7b6c-3a7d-b3d3-09366215d2df',2,'DIPPED','RIGHT','VERTICAL','cross-head on a toothed wheel','above the lamp, inboard','ALWAYS',NULL,'Runa','2026-11-30 04:13:09.269'),
('b05eb8bf-f326-3d42-ac7b-ae1bf5e22229','01900000-0000-7000-8000-000000000001','a23ef8b1-c438-3a41-976f-cb00cb8dc91a',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-30 02:51:23.269'),
('b23981da-b053-3f3d-a996-8c75dd188bfd','01900000-0000-7000-8000-000000000001','e2a6983b-54e7-368f-8335-04b04d5f27b4',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-24 04:51:23.269'),
('b61e4af0-179e-38b9-9e70-9b04da81aefe','01900000-0000-7000-8000-000000000001','0ed75b06-d3f1-3b59-93cc-45188bf144bd',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 06:51:23.269'),
('b64f34c4-5581-3742-bca5-f9a99761e966','01900000-0000-7000-8000-000000000001','611fddf1-1c13-3309-a86e-cb38cedeabaa',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-28 23:51:23.269'),
('b7649e42-06dc-3b63-b16a-d40da35034fc','01900000-0000-7000-8000-000000000001','651f97d1-7b22-3a60-80d6-49e2b4df3995',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-27 04:51:23.269'),
('ba4189e1-3f7a-3cc1-beab-4b4e561f2c23','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'FRONT_FOG','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('bb077963-0152-3283-adee-dad0253130d0','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'FRONT_FOG','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('c0b8cdf6-0174-3ef6-9225-d162241d58ab','01900000-0000-7000-8000-000000000001','0ed75b06-d3f1-3b59-93cc-45188bf144bd',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 06:51:23.269'),
('c70adf87-1428-37fc-9850-868fd0b12146','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'FRONT_FOG','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('caabc290-b34f-3198-b00a-fe7c457b6627','01900000-0000-7000-8000-000000000001','6225add6-1357-370a-8f5a-b4d44e016105',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 13:51:23.269'),
('cb7defc5-e942-3644-b5f7-119ee088ea68','01900000-0000-7000-8000-000000000001','611fddf1-1c13-3309-a86e-cb38cedeabaa',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-28 23:51:23.269'),
('cd9c35cb-675e-35d1-8f93-e67ab41fc102','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('d5282cad-aa91-3ee8-9b65-2efd40f7e5a3','01900000-0000-7000-8000-000000000001','d0547e64-4a44-3d9b-af4b-ea3c8e962985',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 23:51:23.269'),
('da15e54f-953f-3381-b212-1b1e6a1222c2','01900000-0000-7000-8000-000000000001','224d1333-64d6-3e1c-82a2-4b9c3fbb3089',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-10-21 04:51:23.269'),
('deef468b-7a96-3318-ba64-718e3a10e660','01900000-0000-7000-8000-000000000001','d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1',1,'DIPPED','RIGHT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 19:51:23.269'),
('df3b7550-38ab-3c25-a10d-9ce69c489fc1','01900000-0000-7000-8000-000000000001','15324549-8f2e-327a-a0c9-dd5c9117d968',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 03:51:23.269'),
('ea223a1d-6e7d-31b5-ad8a-8abb7f0c9928','01900000-0000-7000-8000-000000000001','0ed75b06-d3f1-3b59-93cc-45188bf144bd',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-29 06:51:23.269'),
('ec710dab-81cc-34cd-86fa-8c4a434ce9d7','01900000-0000-7000-8000-000000000001','281fa363-d0c4-3f27-ae3e-43508096b49b',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Runa','2026-11-29 21:51:23.269'),
('f42ada6d-e1be-3155-b034-9d08f262c2ee','01900000-0000-7000-8000-000000000001','e2a6983b-54e7-368f-8335-04b04d5f27b4',1,'DIPPED','RIGHT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-24 04:51:23.269'),
('f8ad73c4-6136-3f5c-9be9-658c0f688cce','01900000-0000-7000-8000-000000000001','d0547e64-4a44-3d9b-af4b-ea3c8e962985',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Marten','2026-11-29 23:51:23.269'),
('fb68ec3a-8a44-398b-a7e6-8c6f934f55a6','01900000-0000-7000-8000-000000000001','a23ef8b1-c438-3a41-976f-cb00cb8dc91a',1,'DIPPED','LEFT','HORIZONTAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-30 02:51:23.269'),
('ff6abfc8-0063-3d74-80b6-6a22eca5c296','01900000-0000-7000-8000-000000000001','e2a6983b-54e7-368f-8335-04b04d5f27b4',1,'DIPPED','LEFT','VERTICAL','','','NOT_KNOWN',NULL,'Ilse','2026-11-24 04:51:23.269');
/*!40000 ALTER TABLE `adjuster` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `amendment`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `amendment` (
  `seq` bigint(20) NOT NULL AUTO_INCREMENT,
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `words` varchar(600) NOT NULL,
  `why` varchar(300) NOT NULL,
  `made_by` varchar(60) NOT NULL,
  `made_at` datetime(3) NOT NULL,
  PRIMARY KEY (`seq`),
  UNIQUE KEY `amendment_id` (`id`),
  KEY `amendment_shop` (`shop_id`),
  KEY `amendment_of_job` (`job_id`,`seq`),
  CONSTRAINT `amendment_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `amendment_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `amendment` WRITE;
/*!40000 ALTER TABLE `amendment` DISABLE KEYS */;
INSERT INTO `amendment` VALUES
(1,'d6ec17aa-6d53-3586-9e0b-551ca45a782d','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','the new clip is the left one','the sides were mixed up in the note','Runa','2026-10-21 05:16:07.269');
/*!40000 ALTER TABLE `amendment` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `bay`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `bay` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `name` varchar(60) NOT NULL,
  `note` varchar(300) NOT NULL,
  `units` varchar(8) NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `bay_shop` (`shop_id`),
  CONSTRAINT `bay_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `bay` WRITE;
/*!40000 ALTER TABLE `bay` DISABLE KEYS */;
INSERT INTO `bay` VALUES
('81b62b91-4d48-3c7c-a0ca-f335a702d1e5','01900000-0000-7000-8000-000000000001',1,'Yard wall','outdoors, falls towards the wall, laser','METRIC','Marten','2026-11-19 06:51:23.269'),
('99105108-2d0d-3440-b695-34e3a44d229d','01900000-0000-7000-8000-000000000001',1,'Hall','water level, floor of 1974, settled at the drain','METRIC','Runa','2026-11-19 04:51:23.269'),
('ca00e912-12d4-37c0-91c6-952a018650a6','01900000-0000-7000-8000-000000000001',1,'Annex','short, level slab, laser','METRIC','Ilse','2026-11-19 05:51:23.269');
/*!40000 ALTER TABLE `bay` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `comeback`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `comeback` (
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `of_job` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (`job_id`),
  KEY `comeback_of` (`of_job`),
  KEY `comeback_shop` (`shop_id`),
  CONSTRAINT `comeback_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `comeback_of` FOREIGN KEY (`of_job`) REFERENCES `job` (`id`),
  CONSTRAINT `comeback_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `comeback` WRITE;
/*!40000 ALTER TABLE `comeback` DISABLE KEYS */;
/*!40000 ALTER TABLE `comeback` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `feed_plan`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `feed_plan` (
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `id` varchar(41) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `content` mediumtext NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`shop_id`,`id`,`version`),
  CONSTRAINT `feed_plan_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `feed_plan_is_json` CHECK (json_valid(`content`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `feed_plan` WRITE;
/*!40000 ALTER TABLE `feed_plan` DISABLE KEYS */;
/*!40000 ALTER TABLE `feed_plan` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `flyway_schema_history`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `flyway_schema_history` (
  `installed_rank` int(11) NOT NULL,
  `version` varchar(50) DEFAULT NULL,
  `description` varchar(200) NOT NULL,
  `type` varchar(20) NOT NULL,
  `script` varchar(1000) NOT NULL,
  `checksum` int(11) DEFAULT NULL,
  `installed_by` varchar(100) NOT NULL,
  `installed_on` timestamp NOT NULL DEFAULT current_timestamp(),
  `execution_time` int(11) NOT NULL,
  `success` tinyint(1) NOT NULL,
  PRIMARY KEY (`installed_rank`),
  KEY `flyway_schema_history_s_idx` (`success`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `flyway_schema_history` WRITE;
/*!40000 ALTER TABLE `flyway_schema_history` DISABLE KEYS */;
INSERT INTO `flyway_schema_history` VALUES
(1,'1','yard','SQL','V1__yard.sql',1208461806,'t','2026-11-30 04:50:25',23,1),
(2,'2','sheet','SQL','V2__sheet.sql',-1246672740,'t','2026-11-30 04:50:25',4,1),
(3,'3','lens','SQL','V3__lens.sql',-223153113,'t','2026-11-30 04:50:25',3,1),
(4,'4','take in','SQL','V4__take_in.sql',-1069385925,'t','2026-11-30 04:50:25',15,1),
(5,'5','photo','SQL','V5__photo.sql',-1110875315,'t','2026-11-30 04:50:25',2,1),
(6,'6','rulebook','SQL','V6__rulebook.sql',202050328,'t','2026-11-30 04:50:26',5,1),
(7,'7','feed','SQL','V7__feed.sql',-186005541,'t','2026-11-30 04:50:26',2,1),
(8,'8','workshop','SQL','V8__workshop.sql',2021039946,'t','2026-11-30 04:50:26',5,1),
(9,'9','hand over','SQL','V9__hand_over.sql',647382897,'t','2026-11-30 04:50:26',8,1),
(10,'10','timers','SQL','V10__timers.sql',-2066874785,'t','2026-11-30 04:50:26',2,1),
(11,'11','search','SQL','V11__search.sql',916563585,'t','2026-11-30 04:50:26',16,1),
(12,'12','vehicle class','SQL','V12__vehicle_class.sql',-754764311,'t','2026-11-30 04:50:26',4,1),
(13,'13','aside','SQL','V13__aside.sql',-695198589,'t','2026-11-30 04:50:26',9,1),
(14,'14','read to','SQL','V14__read_to.sql',788848812,'t','2026-11-30 04:50:26',1,1),
(15,'15','language','SQL','V15__language.sql',1621110977,'t','2026-11-30 04:50:26',10,1);
/*!40000 ALTER TABLE `flyway_schema_history` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `hand_over`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `hand_over` (
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `reason` varchar(600) NOT NULL,
  `findings` mediumtext NOT NULL,
  `words` mediumtext NOT NULL,
  `terms` mediumtext NOT NULL DEFAULT '',
  `closed_by` varchar(60) NOT NULL,
  `closed_at` datetime(3) NOT NULL,
  `language` varchar(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'en',
  PRIMARY KEY (`job_id`),
  KEY `hand_over_of_shop` (`shop_id`,`closed_at` DESC),
  FULLTEXT KEY `hand_over_terms` (`terms`),
  CONSTRAINT `hand_over_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `hand_over_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `hand_over_is_json` CHECK (json_valid(`findings`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `hand_over` WRITE;
/*!40000 ALTER TABLE `hand_over` DISABLE KEYS */;
INSERT INTO `hand_over` VALUES
('60ff7e7e-4a66-37f1-9da4-3428c8a0caba','01900000-0000-7000-8000-000000000001','','[]','Brask Skarn\nroad crew 2\ntruck lamps, 25 ft aim\nMeasured at the wall after the work: left low beam and right low beam.','brask skarn road crew 2 truck lamps, 25 ft aim measured at the wall after work: left low beam and right beam.','Runa','2026-11-27 05:07:17.269','en'),
('a154548c-7858-3970-85a0-558d1bbad805','01900000-0000-7000-8000-000000000001','every function was shown to the library\'s driver, not written down one by one','[{\"id\":\"hand-over.begun@stage:PARTS\",\"rule\":\"hand-over.begun\",\"subject\":\"stage:PARTS\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"The parts were not checked\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"planned stages are done, or left out with a reason\"}},{\"id\":\"hand-over.step@step:apart.negative\",\"rule\":\"hand-over.step\",\"subject\":\"step:apart.negative\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Negative off; radio and window settings noted first\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:apart.front\",\"rule\":\"hand-over.step\",\"subject\":\"step:apart.front\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Fasteners and clips out in order, each counted; connectors counted as strictly as bolts\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"prove.open@lamp:DIPPED:LEFT\",\"rule\":\"prove.open\",\"subject\":\"lamp:DIPPED:LEFT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Left low beam: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:DIPPED:LEFT\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:DIPPED:RIGHT\",\"rule\":\"prove.open\",\"subject\":\"lamp:DIPPED:RIGHT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Right low beam: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:DIPPED:RIGHT\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:MAIN:LEFT:left%20main%20beam\",\"rule\":\"prove.open\",\"subject\":\"lamp:MAIN:LEFT:left%20main%20beam\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Left main beam: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:MAIN:LEFT:left%20main%20beam\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:MAIN:LEFT:left%20shutter\",\"rule\":\"prove.open\",\"subject\":\"lamp:MAIN:LEFT:left%20shutter\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Left shutter: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:MAIN:LEFT:left%20shutter\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:MAIN:RIGHT:right%20main%20beam\",\"rule\":\"prove.open\",\"subject\":\"lamp:MAIN:RIGHT:right%20main%20beam\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Right main beam: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:MAIN:RIGHT:right%20main%20beam\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:MAIN:RIGHT:right%20shutter\",\"rule\":\"prove.open\",\"subject\":\"lamp:MAIN:RIGHT:right%20shutter\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Right shutter: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:MAIN:RIGHT:right%20shutter\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:POSITION:LEFT\",\"rule\":\"prove.open\",\"subject\":\"lamp:POSITION:LEFT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Left front position lamp: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:POSITION:LEFT\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:POSITION:RIGHT\",\"rule\":\"prove.open\",\"subject\":\"lamp:POSITION:RIGHT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Right front position lamp: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:POSITION:RIGHT\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:TURN:LEFT\",\"rule\":\"prove.open\",\"subject\":\"lamp:TURN:LEFT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Left turn signal: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:TURN:LEFT\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"prove.open@lamp:TURN:RIGHT\",\"rule\":\"prove.open\",\"subject\":\"lamp:TURN:RIGHT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Right turn signal: not tried\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"remedy\":{\"pattern\":\"Try it: key out.\",\"figures\":[]},\"task\":{\"action\":\"TRY\",\"page\":\"PROVE\",\"subject\":\"lamp:TURN:RIGHT\"},\"working\":[],\"source\":{\"mark\":\"COMMON_PRACTICE\",\"words\":\"common practice\",\"reference\":\"every function is proved before closing; nothing is lit with the key out\"}},{\"id\":\"hand-over.step@step:prove.connect\",\"rule\":\"hand-over.step\",\"subject\":\"step:prove.connect\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Connect; clip-on taps work loose, solder or crimp holds\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:prove.power\",\"rule\":\"hand-over.step\",\"subject\":\"step:prove.power\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Negative on, last: nothing is proved on a dead vehicle; a helper battery serves for a single lamp\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:prove.functions\",\"rule\":\"hand-over.step\",\"subject\":\"step:prove.functions\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Every function before closing, in the order of the fewest switch movements; nothing lit with the key out\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:prove.hyperflash\",\"rule\":\"hand-over.step\",\"subject\":\"step:prove.hyperflash\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Turn signal flashes too fast? Load resistor, one a changed circuit\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.reach\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.reach\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Can each adjuster be reached once it is closed? If not, aim first\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.behind\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.behind\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Cleaned behind while it is open; backing pieces and covers back\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.seat:LEFT\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.seat:LEFT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Lamp in: inboard edge first, pushed to a snap; lower bolt tight, then upper, left\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.seat:RIGHT\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.seat:RIGHT\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Lamp in: inboard edge first, pushed to a snap; lower bolt tight, then upper, right\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.close\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.close\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Close the front: what is plugged before what hides it\",\"figures\":[]},\"detail\":{\"pattern\":\"It can’t be undone afterwards.\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.align\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.align\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: All by hand; look at the gaps; then tighten, snug, not hard\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.access\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.access\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: What was moved only for access is proved and aimed again\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}},{\"id\":\"hand-over.step@step:together.film\",\"rule\":\"hand-over.step\",\"subject\":\"step:together.film\",\"verdict\":\"NOT_KNOWN\",\"headline\":{\"pattern\":\"Not done: Protective film off before aiming and long lighting\",\"figures\":[]},\"detail\":{\"pattern\":\"\",\"figures\":[]},\"working\":[],\"source\":{\"mark\":\"JUDGED\",\"words\":\"this product’s advice\",\"reference\":\"a step is done, or left out with its reason; nothing is left half done\"}}]','Quenby Loft\nlibrary van 2\nlamps swapped and aimed\nThe headlamps were replaced.\nMeasured at the wall after the work: left low beam and right low beam.\nThe parts were not checked\nLeft low beam: not tried\nRight low beam: not tried\nLeft main beam: not tried\nLeft shutter: not tried\nRight main beam: not tried\nRight shutter: not tried\nLeft front position lamp: not tried\nRight front position lamp: not tried\nLeft turn signal: not tried\nRight turn signal: not tried\noff: 1 bolt, 10 mm, front corner, right\noff: 9 clips, pin pulled, upper edge\noff: bumper','quenby loft library van 2 lamps swapped and aimed the headlamps were replaced. measured at wall after work: left low beam right beam. parts not checked beam: tried main shutter: front position lamp: turn signal: off: 1 bolt, 10 mm, corner, 9 clips, pin pulled, upper edge bumper','Runa','2026-10-21 05:15:14.269','en');
/*!40000 ALTER TABLE `hand_over` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `job`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `job` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `vehicle_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `bay_id` char(36) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `work` varchar(120) NOT NULL,
  `rule_set` varchar(41) NOT NULL,
  `traffic` varchar(5) NOT NULL,
  `units` varchar(8) NOT NULL,
  `school` varchar(16) NOT NULL,
  `label_typed` varchar(60) DEFAULT NULL,
  `label_percent` double DEFAULT NULL,
  `stance_changed` tinyint(1) NOT NULL,
  `front_closed` tinyint(1) NOT NULL,
  `mark_edge` varchar(8) NOT NULL,
  `mark_origin` varchar(16) NOT NULL,
  `tape_width_mm` double NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  `touched_at` datetime(3) NOT NULL,
  `closed_at` datetime(3) DEFAULT NULL,
  `aside_at` datetime(3) DEFAULT NULL,
  `aside_by` varchar(60) DEFAULT NULL,
  `aside_why` varchar(300) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `job_vehicle` (`vehicle_id`),
  KEY `job_bay` (`bay_id`),
  KEY `job_yard` (`shop_id`,`touched_at` DESC,`id` DESC),
  KEY `job_open` (`shop_id`,`closed_at`,`touched_at`),
  KEY `job_aside` (`shop_id`,`aside_at`),
  CONSTRAINT `job_bay` FOREIGN KEY (`bay_id`) REFERENCES `bay` (`id`),
  CONSTRAINT `job_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `job_vehicle` FOREIGN KEY (`vehicle_id`) REFERENCES `vehicle` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `job` WRITE;
/*!40000 ALTER TABLE `job` DISABLE KEYS */;
INSERT INTO `job` VALUES
('0b63091e-3ab2-32cd-8b4c-f73e00c944dc','01900000-0000-7000-8000-000000000001',1,'15324549-8f2e-327a-a0c9-dd5c9117d968','99105108-2d0d-3440-b695-34e3a44d229d','fog lamps behind blank covers','un-r48','RIGHT','METRIC','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Runa','2026-11-29 03:53:09.269','2026-11-29 04:09:03.269',NULL,NULL,NULL,NULL),
('115186f2-468f-324e-822b-df8c2a4ea4b2','01900000-0000-7000-8000-000000000001',1,'e2a6983b-54e7-368f-8335-04b04d5f27b4','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','projector lamp swap, bulbs moved over','un-r48','RIGHT','METRIC','RULE','1.2 %',-1.2,0,0,'UPPER','MEASURED',25,'Ilse','2026-11-24 04:53:09.269','2026-11-24 05:07:17.269',NULL,NULL,NULL,NULL),
('12d906f6-c297-3cde-9f54-32f79eb23cc0','01900000-0000-7000-8000-000000000001',1,'7e6bc3d2-7b6c-3a7d-b3d3-09366215d2df','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','projector retrofit','un-r48','RIGHT','METRIC','RULE','1.2 %',-1.2,0,0,'UPPER','MEASURED',25,'Runa','2026-11-30 04:14:02.269','2026-11-30 04:30:49.269',NULL,NULL,NULL,NULL),
('1664c110-5e7e-3246-bfdd-c13bc3a51fa0','01900000-0000-7000-8000-000000000001',1,'19481c33-3693-3b19-a75b-f40a21382630','ca00e912-12d4-37c0-91c6-952a018650a6','new lamps, quick check','un-r48','RIGHT','IMPERIAL','EQUAL_DROP',NULL,NULL,0,0,'UPPER','MEASURED',25,'Ilse','2026-11-29 01:53:09.269','2026-11-29 02:02:52.269',NULL,NULL,NULL,NULL),
('3f3c9550-af9c-38e2-99ca-5ed7d3863ad1','01900000-0000-7000-8000-000000000001',1,'d0547e64-4a44-3d9b-af4b-ea3c8e962985','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','lamps on a lifted 4x4, level aim','un-r48','RIGHT','METRIC','LEVEL',NULL,NULL,0,1,'UPPER','MEASURED',25,'Marten','2026-11-29 23:54:02.269','2026-11-30 00:08:10.269',NULL,NULL,NULL,NULL),
('60ff7e7e-4a66-37f1-9da4-3428c8a0caba','01900000-0000-7000-8000-000000000001',1,'651f97d1-7b22-3a60-80d6-49e2b4df3995','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','truck lamps, 25 ft aim','us-sae-j599','RIGHT','IMPERIAL','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Runa','2026-11-27 04:53:09.269','2026-11-27 05:07:17.269','2026-11-27 05:07:17.269',NULL,NULL,NULL),
('64709187-8f3d-3d2c-bede-95acb37e5ac4','01900000-0000-7000-8000-000000000001',1,'d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1','99105108-2d0d-3440-b695-34e3a44d229d','dead fog pair, find the fault','un-r48','RIGHT','METRIC','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Ilse','2026-11-29 19:53:09.269','2026-11-29 19:54:02.269',NULL,NULL,NULL,NULL),
('72f38664-1064-3938-baf5-c41aaa289e13','01900000-0000-7000-8000-000000000001',1,'611fddf1-1c13-3309-a86e-cb38cedeabaa','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','lamps swapped, aim','gb-inspection','LEFT','METRIC','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Marten','2026-11-28 23:53:09.269','2026-11-29 00:05:31.269',NULL,NULL,NULL,NULL),
('888c024f-55c3-3609-887e-e70b46730cda','01900000-0000-7000-8000-000000000001',1,'b4687e74-0641-326d-924d-51c6c765cb90','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','fog pods on brackets','us-sae-j599','RIGHT','IMPERIAL','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Marten','2026-11-29 02:53:09.269','2026-11-29 03:09:56.269',NULL,NULL,NULL,NULL),
('a154548c-7858-3970-85a0-558d1bbad805','01900000-0000-7000-8000-000000000001',1,'224d1333-64d6-3e1c-82a2-4b9c3fbb3089','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','lamps swapped and aimed','un-r48','RIGHT','METRIC','RULE','1.2 %',-1.2,0,0,'UPPER','MEASURED',25,'Runa','2026-10-21 04:53:09.269','2026-10-21 05:15:14.269','2026-10-21 05:15:14.269',NULL,NULL,NULL),
('c4a01d24-5af8-3888-9858-2eefc69ee282','01900000-0000-7000-8000-000000000001',1,'a23ef8b1-c438-3a41-976f-cb00cb8dc91a',NULL,'aim after new springs','un-r48','RIGHT','METRIC','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Ilse','2026-11-30 02:53:09.269','2026-11-30 02:54:02.269',NULL,NULL,NULL,NULL),
('ccf4b6e8-0ea8-31df-bc3e-ca45c9d2048a','01900000-0000-7000-8000-000000000001',1,'281fa363-d0c4-3f27-ae3e-43508096b49b','ca00e912-12d4-37c0-91c6-952a018650a6','running lamps from small heads','un-r48','RIGHT','METRIC','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Runa','2026-11-29 21:53:09.269','2026-11-29 21:55:48.269',NULL,NULL,NULL,NULL),
('e2ca9810-e615-3208-b037-d7e400e43587','01900000-0000-7000-8000-000000000001',1,'0ed75b06-d3f1-3b59-93cc-45188bf144bd','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','projectors into old bowls','un-r48','RIGHT','METRIC','RULE',NULL,NULL,0,0,'UPPER','MEASURED',25,'Ilse','2026-11-29 06:53:09.269','2026-11-29 08:00:58.269',NULL,NULL,NULL,NULL),
('e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','01900000-0000-7000-8000-000000000001',1,'6225add6-1357-370a-8f5a-b4d44e016105','81b62b91-4d48-3c7c-a0ca-f335a702d1e5','clouded lamps swapped','un-r48','RIGHT','METRIC','RULE','1.0 %',-1,0,0,'UPPER','MEASURED',25,'Marten','2026-11-29 13:53:09.269','2026-11-29 14:32:01.269',NULL,NULL,NULL,NULL);
/*!40000 ALTER TABLE `job` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `job_rule_set`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `job_rule_set` (
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `set_id` varchar(41) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `taken_by` varchar(60) NOT NULL,
  `taken_at` datetime(3) NOT NULL,
  PRIMARY KEY (`job_id`,`set_id`),
  KEY `job_rule_set_shop` (`shop_id`),
  CONSTRAINT `job_rule_set_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `job_rule_set_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `job_rule_set` WRITE;
/*!40000 ALTER TABLE `job_rule_set` DISABLE KEYS */;
/*!40000 ALTER TABLE `job_rule_set` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `local_rule_set`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `local_rule_set` (
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `id` varchar(41) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `content` mediumtext NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`shop_id`,`id`,`version`),
  CONSTRAINT `local_rule_set_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `local_rule_set_is_json` CHECK (json_valid(`content`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `local_rule_set` WRITE;
/*!40000 ALTER TABLE `local_rule_set` DISABLE KEYS */;
/*!40000 ALTER TABLE `local_rule_set` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `person`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `person` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `name` varchar(60) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `person_name` (`shop_id`,`name`),
  CONSTRAINT `person_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `person` WRITE;
/*!40000 ALTER TABLE `person` DISABLE KEYS */;
INSERT INTO `person` VALUES
('480f126f-2c87-3fc6-b458-d50acb3b22e9','01900000-0000-7000-8000-000000000001','Ilse'),
('335a40d2-d224-39ec-a293-1053bd3f650a','01900000-0000-7000-8000-000000000001','Marten'),
('1dc66d3e-a39b-388f-85e9-dc5795abb6a7','01900000-0000-7000-8000-000000000001','Runa');
/*!40000 ALTER TABLE `person` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `photo`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `photo` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `moment` varchar(8) NOT NULL,
  `shows` varchar(120) NOT NULL,
  `from_typed` varchar(60) DEFAULT NULL,
  `from_mm` double DEFAULT NULL,
  `focus_locked` tinyint(1) NOT NULL,
  `exposure_locked` tinyint(1) NOT NULL,
  `balance_locked` tinyint(1) NOT NULL,
  `left_x` double DEFAULT NULL,
  `left_y` double DEFAULT NULL,
  `right_x` double DEFAULT NULL,
  `right_y` double DEFAULT NULL,
  `put_aside` tinyint(1) NOT NULL,
  `content` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `format` varchar(8) NOT NULL,
  `width_px` int(11) NOT NULL,
  `height_px` int(11) NOT NULL,
  `bytes` int(11) NOT NULL,
  `taken_by` varchar(60) NOT NULL,
  `taken_at` datetime(3) NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `photo_shop` (`shop_id`),
  KEY `photo_of_job` (`job_id`,`taken_at`,`id`),
  CONSTRAINT `photo_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `photo_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `photo` WRITE;
/*!40000 ALTER TABLE `photo` DISABLE KEYS */;
INSERT INTO `photo` VALUES
('34de9fc1-7911-30d9-9e27-fec985a563b2','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',2,'AFTER','cutoff of the new projectors','4.5 m',4500,1,1,0,0.29492410000656194,0.3576865363913108,0.7365018683256385,0.37742155064112926,0,'1a84476e26ff8104b20092bb27a7100852420bbb365740d8a4b1129f81272ea6','JPEG',1600,1000,41954,'Runa','2026-11-30 04:19:20.269','Runa','2026-11-30 04:20:13.269'),
('e6532f61-0964-3309-9e07-a919d2cce62a','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',2,'BEFORE','cutoff of the old lamps, 6.1 m','4.2 m',4200,1,1,1,0.2625,0.33,0.7375,0.33,0,'635603b20a4139ca44c378a091cf2142fbc9161b7c708e45ae7d0d5929e7fd81','JPEG',1600,1000,45484,'Runa','2026-11-30 04:17:34.269','Runa','2026-11-30 04:18:27.269');
/*!40000 ALTER TABLE `photo` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `reading`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `reading` (
  `seq` bigint(20) NOT NULL AUTO_INCREMENT,
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `bay_id` char(36) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `kind` varchar(24) NOT NULL,
  `lamp` varchar(16) NOT NULL,
  `side` varchar(5) DEFAULT NULL,
  `adjuster_id` char(36) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `typed` varchar(60) NOT NULL,
  `units` varchar(8) NOT NULL,
  `value` double NOT NULL,
  `strikes` char(36) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `taken_by` varchar(60) NOT NULL,
  `taken_at` datetime(3) NOT NULL,
  PRIMARY KEY (`seq`),
  UNIQUE KEY `reading_id` (`id`),
  UNIQUE KEY `reading_struck_once` (`strikes`),
  KEY `reading_shop` (`shop_id`),
  KEY `reading_of_job` (`job_id`,`seq`),
  KEY `reading_of_bay` (`bay_id`,`seq`),
  CONSTRAINT `reading_bay` FOREIGN KEY (`bay_id`) REFERENCES `bay` (`id`),
  CONSTRAINT `reading_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `reading_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `reading_strikes` FOREIGN KEY (`strikes`) REFERENCES `reading` (`id`),
  CONSTRAINT `reading_of_one` CHECK (`job_id` is null <> (`bay_id` is null))
) ENGINE=InnoDB AUTO_INCREMENT=118 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `reading` WRITE;
/*!40000 ALTER TABLE `reading` DISABLE KEYS */;
INSERT INTO `reading` VALUES
(1,'436999d3-5b65-3b40-8d3f-481113c13c58','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','PLAN_FRONT_TYRES','DIPPED',NULL,NULL,'8.15 m','METRIC',8150,NULL,'Runa','2026-11-19 04:52:16.269'),
(2,'42a3e5b4-a070-34cd-99ac-f868678ffc5d','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','PLAN_WHEELBASE','DIPPED',NULL,NULL,'2700','METRIC',2700,NULL,'Runa','2026-11-19 04:53:09.269'),
(3,'34119388-9980-3b48-b9c0-a475f2460faa','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','PLAN_TRACK','DIPPED',NULL,NULL,'1560','METRIC',1560,NULL,'Runa','2026-11-19 04:54:02.269'),
(4,'7d833de2-4cbc-3b07-b102-0eadda828c65','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','PLAN_FOOT_SPACING','DIPPED',NULL,NULL,'1300','METRIC',1300,NULL,'Runa','2026-11-19 04:54:55.269'),
(5,'b508206b-5e2d-3b5a-8372-6bbd1e5975b9','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','FLOOR_FRONT_LEFT','DIPPED',NULL,NULL,'0','METRIC',0,NULL,'Runa','2026-11-19 04:55:48.269'),
(6,'3bb598f7-5732-3c11-8bd7-6e3618f3836e','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','FLOOR_FRONT_RIGHT','DIPPED',NULL,NULL,'6','METRIC',6,NULL,'Runa','2026-11-19 04:56:41.269'),
(7,'02f7df75-022d-318b-b141-e60f56b4a545','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','FLOOR_REAR_LEFT','DIPPED',NULL,NULL,'15','METRIC',15,NULL,'Runa','2026-11-19 04:57:34.269'),
(8,'daa84578-d1a4-3bad-bdcf-40a0eb9dba04','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','FLOOR_REAR_RIGHT','DIPPED',NULL,NULL,'4','METRIC',4,NULL,'Runa','2026-11-19 04:58:27.269'),
(9,'3ee14862-4ce3-3e6d-a9a2-56a7f33d50bf','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','FOOT','DIPPED','LEFT',NULL,'-11','METRIC',-11,NULL,'Runa','2026-11-19 04:59:20.269'),
(10,'d9a9c378-342f-3ef6-920b-65c5056c46b9','01900000-0000-7000-8000-000000000001',NULL,'99105108-2d0d-3440-b695-34e3a44d229d','FOOT','DIPPED','RIGHT',NULL,'-3','METRIC',-3,NULL,'Runa','2026-11-19 05:00:13.269'),
(11,'98479f8d-8db2-356c-991d-16ac1edcc150','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','PLAN_FRONT_TYRES','DIPPED',NULL,NULL,'3.4 m','METRIC',3400,NULL,'Ilse','2026-11-19 05:52:16.269'),
(12,'f4767145-577d-398a-906a-a9b929274eac','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','PLAN_WHEELBASE','DIPPED',NULL,NULL,'2500','METRIC',2500,NULL,'Ilse','2026-11-19 05:53:09.269'),
(13,'9986a9a9-8611-394c-b8f3-f3ee55c21b96','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','PLAN_TRACK','DIPPED',NULL,NULL,'1500','METRIC',1500,NULL,'Ilse','2026-11-19 05:54:02.269'),
(14,'c378550d-d205-3939-a2ce-560d1bfadb60','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','PLAN_FOOT_SPACING','DIPPED',NULL,NULL,'1200','METRIC',1200,NULL,'Ilse','2026-11-19 05:54:55.269'),
(15,'91fe8dba-03a9-3124-a5c5-a503c2b72269','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','FLOOR_FRONT_LEFT','DIPPED',NULL,NULL,'0','METRIC',0,NULL,'Ilse','2026-11-19 05:55:48.269'),
(16,'ce82fd0f-100b-3db7-951e-6447f020e832','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','FLOOR_FRONT_RIGHT','DIPPED',NULL,NULL,'1','METRIC',1,NULL,'Ilse','2026-11-19 05:56:41.269'),
(17,'5f3b2472-7bea-3e0c-9f30-035896c1cb27','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','FLOOR_REAR_LEFT','DIPPED',NULL,NULL,'1','METRIC',1,NULL,'Ilse','2026-11-19 05:57:34.269'),
(18,'36800b9f-d934-3b74-be22-ec1413a709cd','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','FLOOR_REAR_RIGHT','DIPPED',NULL,NULL,'1','METRIC',1,NULL,'Ilse','2026-11-19 05:58:27.269'),
(19,'34189250-c167-3c64-b70b-806eb08a52a7','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','FOOT','DIPPED','LEFT',NULL,'0','METRIC',0,NULL,'Ilse','2026-11-19 05:59:20.269'),
(20,'37e67421-317c-35c9-8878-1d544518a2ae','01900000-0000-7000-8000-000000000001',NULL,'ca00e912-12d4-37c0-91c6-952a018650a6','FOOT','DIPPED','RIGHT',NULL,'1','METRIC',1,NULL,'Ilse','2026-11-19 06:00:13.269'),
(21,'6bee3e8e-a3bb-319c-876f-39eb122ce484','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','PLAN_FRONT_TYRES','DIPPED',NULL,NULL,'8.6 m','METRIC',8600,NULL,'Marten','2026-11-19 06:52:16.269'),
(22,'755c6cc0-c8d5-3f41-92d9-62ad758cba7a','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','PLAN_WHEELBASE','DIPPED',NULL,NULL,'2800','METRIC',2800,NULL,'Marten','2026-11-19 06:53:09.269'),
(23,'c7f31b45-490c-3d60-8c57-c22c0b77c92b','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','PLAN_TRACK','DIPPED',NULL,NULL,'1600','METRIC',1600,NULL,'Marten','2026-11-19 06:54:02.269'),
(24,'97426188-5c9d-3c49-9d27-e74369af419c','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','PLAN_FOOT_SPACING','DIPPED',NULL,NULL,'1300','METRIC',1300,NULL,'Marten','2026-11-19 06:54:55.269'),
(25,'0969a3a3-3668-3c03-b98c-c67a4e28c457','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','FLOOR_FRONT_LEFT','DIPPED',NULL,NULL,'0','METRIC',0,NULL,'Marten','2026-11-19 06:55:48.269'),
(26,'9f83c03a-5d38-35fb-9df6-c141ecef8bdd','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','FLOOR_FRONT_RIGHT','DIPPED',NULL,NULL,'-3','METRIC',-3,NULL,'Marten','2026-11-19 06:56:41.269'),
(27,'9fe2c5e3-72a9-30b4-87dd-caa5fe423dc9','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','FLOOR_REAR_LEFT','DIPPED',NULL,NULL,'31','METRIC',31,NULL,'Marten','2026-11-19 06:57:34.269'),
(28,'474863a6-0e73-3bf6-ab1c-44388398525c','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','FLOOR_REAR_RIGHT','DIPPED',NULL,NULL,'29','METRIC',29,NULL,'Marten','2026-11-19 06:58:27.269'),
(29,'d613c116-8a3e-3815-98a9-0e406c6583b7','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','FOOT','DIPPED','LEFT',NULL,'-96','METRIC',-96,NULL,'Marten','2026-11-19 06:59:20.269'),
(30,'13b345e1-4b91-333f-93f8-7c7ce137ba1a','01900000-0000-7000-8000-000000000001',NULL,'81b62b91-4d48-3c7c-a0ca-f335a702d1e5','FOOT','DIPPED','RIGHT',NULL,'-99','METRIC',-99,NULL,'Marten','2026-11-19 07:00:13.269'),
(31,'635e88f7-5516-3232-ac99-63e3de1ef5f7','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'DISTANCE','DIPPED','LEFT',NULL,'6.1 m','METRIC',6100,NULL,'Runa','2026-10-21 04:55:48.269'),
(32,'6944f6a8-720f-34ac-bd42-1f1d7055ff22','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'6.1 m','METRIC',6100,NULL,'Runa','2026-10-21 04:56:41.269'),
(33,'fc51f0da-c775-3f94-91c5-13ce49a3242b','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'CENTRE','DIPPED','LEFT',NULL,'668','METRIC',668,NULL,'Runa','2026-10-21 04:57:34.269'),
(34,'38104988-4c43-3c0c-8330-517786543528','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'CENTRE','DIPPED','RIGHT',NULL,'669','METRIC',669,NULL,'Runa','2026-10-21 04:58:27.269'),
(35,'0b093cf2-5f2b-3b62-8c3b-225c1914ded3','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'610','METRIC',610,NULL,'Runa','2026-10-21 04:59:20.269'),
(36,'d6827034-20fd-3ee4-83b5-413a214b918a','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'610','METRIC',610,NULL,'Runa','2026-10-21 05:00:13.269'),
(37,'20fa3a7a-2a50-33cb-84d2-12859c667e20','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'SPACING','DIPPED',NULL,NULL,'1310','METRIC',1310,NULL,'Runa','2026-10-21 05:01:06.269'),
(38,'3736c8ba-9bad-319f-929d-427f1c032feb','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'86','METRIC',86,NULL,'Runa','2026-10-21 05:01:59.269'),
(39,'b821a5f5-1146-3d8b-8aa4-a59fdacef9fd','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'84','METRIC',84,NULL,'Runa','2026-10-21 05:02:52.269'),
(40,'d6c9b7e9-d86f-33b7-9053-c1371fa822f9','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'STEP_LEFT','DIPPED','LEFT',NULL,'2','METRIC',2,NULL,'Runa','2026-10-21 05:03:45.269'),
(41,'100cde11-4c3a-3b84-9862-137841fe6194','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805',NULL,'STEP_LEFT','DIPPED','RIGHT',NULL,'0','METRIC',0,NULL,'Runa','2026-10-21 05:04:38.269'),
(42,'93832906-0b2b-3e3c-bece-6930180790b3','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'DISTANCE','DIPPED','LEFT',NULL,'7.8 m','METRIC',7800,NULL,'Ilse','2026-11-24 04:55:48.269'),
(43,'726f8d56-a59b-3ff8-99cd-96ec31147422','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'7.8 m','METRIC',7800,NULL,'Ilse','2026-11-24 04:56:41.269'),
(44,'d751eeb6-cd46-3f1c-93b0-309f4356110a','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'CENTRE','DIPPED','LEFT',NULL,'641','METRIC',641,NULL,'Ilse','2026-11-24 04:57:34.269'),
(45,'2923b205-ad78-3350-a5ae-17dd6465490c','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'CENTRE','DIPPED','RIGHT',NULL,'640','METRIC',640,NULL,'Ilse','2026-11-24 04:58:27.269'),
(46,'e2cc9af9-c0e0-3d06-a92d-88d8c57f8660','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'566','METRIC',566,NULL,'Ilse','2026-11-24 04:59:20.269'),
(47,'d360de28-31a3-3b5c-856a-ddef501d98dc','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'566','METRIC',566,NULL,'Ilse','2026-11-24 05:00:13.269'),
(48,'2f5bada2-89f7-34ac-b891-b68c78b11085','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'SPACING','DIPPED',NULL,NULL,'1142','METRIC',1142,NULL,'Ilse','2026-11-24 05:01:06.269'),
(49,'f3fc1e96-3029-3265-a73d-a32fe04bb255','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'60','METRIC',60,NULL,'Ilse','2026-11-24 05:01:59.269'),
(50,'3353a386-b92d-3dee-b722-b11a32bbcc1c','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'TURN','DIPPED','LEFT','ff6abfc8-0063-3d74-80b6-6a22eca5c296','1/2 clockwise','METRIC',0.5,NULL,'Ilse','2026-11-24 05:02:52.269'),
(51,'38393e77-3652-355b-8c86-b2bb9692bb94','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'92','METRIC',92,NULL,'Ilse','2026-11-24 05:03:45.269'),
(52,'ac77d5af-15e4-3672-970e-9e15283b83d0','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'95','METRIC',95,NULL,'Ilse','2026-11-24 05:04:38.269'),
(53,'6b6d803d-d761-3611-a0f5-58a2257cd783','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'STEP_LEFT','DIPPED','LEFT',NULL,'4','METRIC',4,NULL,'Ilse','2026-11-24 05:05:31.269'),
(54,'2e865d73-3cda-3497-9bd9-4eb674de6cb1','01900000-0000-7000-8000-000000000001','115186f2-468f-324e-822b-df8c2a4ea4b2',NULL,'STEP_LEFT','DIPPED','RIGHT',NULL,'-6','METRIC',-6,NULL,'Ilse','2026-11-24 05:06:24.269'),
(55,'6d442cde-ab1a-3f2d-a672-987dd16067c1','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'DISTANCE','DIPPED','LEFT',NULL,'25 ft','IMPERIAL',7620,NULL,'Runa','2026-11-27 04:54:55.269'),
(56,'a3cce109-7e72-3b6d-aec7-2b7488a6b853','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'25 ft','IMPERIAL',7620,NULL,'Runa','2026-11-27 04:55:48.269'),
(57,'33e3ada0-f1e5-3fec-8161-4652e5f77266','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'CENTRE','DIPPED','LEFT',NULL,'38 1/4','IMPERIAL',971.55,NULL,'Runa','2026-11-27 04:56:41.269'),
(58,'8e9d7d7f-8a26-3399-8d76-1defedb1e3e8','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'CENTRE','DIPPED','RIGHT',NULL,'38 1/8','IMPERIAL',968.375,NULL,'Runa','2026-11-27 04:57:34.269'),
(59,'db6dec0d-7a00-3fbe-a423-19e74f180119','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'35 1/2','IMPERIAL',901.6999999999999,NULL,'Runa','2026-11-27 04:58:27.269'),
(60,'b49fdab4-af55-3d87-aee9-588c962b44f9','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'35 1/2','IMPERIAL',901.6999999999999,NULL,'Runa','2026-11-27 04:59:20.269'),
(61,'53d0a413-0575-3bfe-8535-a35dd2eb4320','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'SPACING','DIPPED',NULL,NULL,'58 3/4','IMPERIAL',1492.25,NULL,'Runa','2026-11-27 05:00:13.269'),
(62,'61366a57-67e2-3960-a036-00f0890d1c54','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'2 1/8','IMPERIAL',53.974999999999994,NULL,'Runa','2026-11-27 05:01:06.269'),
(63,'74aa1a03-a06a-34c5-9102-c816b08de4d6','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'5','IMPERIAL',127,NULL,'Runa','2026-11-27 05:01:59.269'),
(64,'02540c36-c653-3682-80fa-900e5144782e','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'TURN','DIPPED','RIGHT','36cf25dc-f89d-327b-b68c-6a7c78bde104','1 anticlockwise','IMPERIAL',-1,NULL,'Runa','2026-11-27 05:02:52.269'),
(65,'5f21b4a7-46e8-312a-828b-a4bd0b8f4dfc','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'3 1/4','IMPERIAL',82.55,NULL,'Runa','2026-11-27 05:03:45.269'),
(66,'8b7ec18f-52a5-3e9e-8441-a16a44346b1d','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'TURN','DIPPED','RIGHT','36cf25dc-f89d-327b-b68c-6a7c78bde104','3/4 anticlockwise','IMPERIAL',-0.75,NULL,'Runa','2026-11-27 05:04:38.269'),
(67,'9c4b0251-d995-34e2-b931-6e6259589b92','01900000-0000-7000-8000-000000000001','60ff7e7e-4a66-37f1-9da4-3428c8a0caba',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'1 15/16','IMPERIAL',49.2125,NULL,'Runa','2026-11-27 05:05:31.269'),
(68,'5d379c5c-1906-35f3-a6e4-07fcff9c2c70','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'DISTANCE','DIPPED','LEFT',NULL,'7.5 m','METRIC',7500,NULL,'Marten','2026-11-28 23:55:48.269'),
(69,'5e893b64-0374-3958-83dd-5971227565aa','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'7.51 m','METRIC',7510,NULL,'Marten','2026-11-28 23:56:41.269'),
(70,'3113be04-b479-34cb-bf26-11b171c8086c','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'CENTRE','DIPPED','LEFT',NULL,'688','METRIC',688,NULL,'Marten','2026-11-28 23:57:34.269'),
(71,'9fead171-60df-38bd-8d46-29d9dfa3efca','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'CENTRE','DIPPED','RIGHT',NULL,'690','METRIC',690,NULL,'Marten','2026-11-28 23:58:27.269'),
(72,'e522d002-8820-322f-a118-8cc179af0340','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'612','METRIC',612,NULL,'Marten','2026-11-28 23:59:20.269'),
(73,'dfd407e3-8779-3955-bdbb-d1be54161df0','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'612','METRIC',612,NULL,'Marten','2026-11-29 00:00:13.269'),
(74,'737489d3-e80e-3e70-b129-255c77b7181f','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'SPACING','DIPPED',NULL,NULL,'1248','METRIC',1248,NULL,'Marten','2026-11-29 00:01:06.269'),
(75,'bedfa5de-0464-37f1-95cb-7c0f52ee81af','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'96','METRIC',96,NULL,'Marten','2026-11-29 00:01:59.269'),
(76,'3bb4f31d-6eb7-3f0a-8ddf-fef5b88823cc','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'20','METRIC',20,NULL,'Marten','2026-11-29 00:02:52.269'),
(77,'78057151-93a0-34b6-92c6-74e9adad0be6','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'TURN','DIPPED','RIGHT','b64f34c4-5581-3742-bca5-f9a99761e966','1 clockwise','METRIC',1,NULL,'Marten','2026-11-29 00:03:45.269'),
(78,'0ff6efd4-57c5-3d7c-86c5-d6a7fea87437','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'48','METRIC',48,NULL,'Marten','2026-11-29 00:04:38.269'),
(79,'82daa10e-059e-33f3-a1ce-2ba9d1fa7c6b','01900000-0000-7000-8000-000000000001','72f38664-1064-3938-baf5-c41aaa289e13',NULL,'TURN','DIPPED','RIGHT','b64f34c4-5581-3742-bca5-f9a99761e966','1 3/4 clockwise','METRIC',1.75,NULL,'Marten','2026-11-29 00:05:31.269'),
(80,'a7030b69-0f2f-3b99-bfba-228ecf71430d','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'DISTANCE','DIPPED','LEFT',NULL,'8 ft 6','IMPERIAL',2590.8,NULL,'Ilse','2026-11-29 01:55:48.269'),
(81,'a4c98b6c-e319-3152-8902-493b0b49f3c6','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'8 ft 6','IMPERIAL',2590.8,NULL,'Ilse','2026-11-29 01:56:41.269'),
(82,'7abf451b-5251-3db8-aee1-021c7ece899a','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'CENTRE','DIPPED','LEFT',NULL,'24 7/8','IMPERIAL',631.8249999999999,NULL,'Ilse','2026-11-29 01:57:34.269'),
(83,'821ff5de-1515-3a9a-ada5-6b782fc4c128','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'CENTRE','DIPPED','RIGHT',NULL,'24 3/4','IMPERIAL',628.65,NULL,'Ilse','2026-11-29 01:58:27.269'),
(84,'fb27a0c0-9f13-37a4-8e69-2ff31000e2b3','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'22','IMPERIAL',558.8,NULL,'Ilse','2026-11-29 01:59:20.269'),
(85,'8f46b72e-0178-344a-aac6-0417c3429c4a','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'22','IMPERIAL',558.8,NULL,'Ilse','2026-11-29 02:00:13.269'),
(86,'4e6fd62b-a58c-328a-b8fc-77cd9124a0b5','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'SPACING','DIPPED',NULL,NULL,'45 1/2','IMPERIAL',1155.7,NULL,'Ilse','2026-11-29 02:01:06.269'),
(87,'8702f465-fc13-3f3e-91f5-69b811a669c2','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'11/16','IMPERIAL',17.4625,NULL,'Ilse','2026-11-29 02:01:59.269'),
(88,'6b40ab9f-c883-3e77-ae91-89537dd3e4d2','01900000-0000-7000-8000-000000000001','1664c110-5e7e-3246-bfdd-c13bc3a51fa0',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'5/8','IMPERIAL',15.875,NULL,'Ilse','2026-11-29 02:02:52.269'),
(89,'ed58477d-4130-3610-92fc-c6d13552e2c5','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc',NULL,'CENTRE','DIPPED','LEFT',NULL,'874','METRIC',874,NULL,'Runa','2026-11-29 03:55:48.269'),
(90,'b829d80d-686b-368d-9832-5a788a720350','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc',NULL,'CENTRE','DIPPED','RIGHT',NULL,'871','METRIC',871,NULL,'Runa','2026-11-29 03:56:41.269'),
(91,'90aa2a6a-bba7-325f-90f0-3ba8a2d64cd2','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'LIFT_FRONT','DIPPED',NULL,NULL,'45','METRIC',45,NULL,'Marten','2026-11-29 23:55:48.269'),
(92,'de36dd98-d11f-3125-9caa-23f176ab8574','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'LIFT_REAR','DIPPED',NULL,NULL,'25','METRIC',25,NULL,'Marten','2026-11-29 23:56:41.269'),
(93,'d1a6f982-db57-3f7b-8e29-381d5fa80d57','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'TYRE_FRONT_BEFORE','DIPPED',NULL,NULL,'235/75 R15','METRIC',733.5,NULL,'Marten','2026-11-29 23:57:34.269'),
(94,'a90fb261-667c-3d3b-ab05-1823a88e870e','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'TYRE_REAR_BEFORE','DIPPED',NULL,NULL,'235/75 R15','METRIC',733.5,NULL,'Marten','2026-11-29 23:58:27.269'),
(95,'8f5cfb51-3954-3084-b1a7-f294332e10a9','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'TYRE_FRONT','DIPPED',NULL,NULL,'31x10.5 R15','METRIC',787.4,NULL,'Marten','2026-11-29 23:59:20.269'),
(96,'6c75abe2-e67b-3ca3-b7bd-888937076c64','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'TYRE_REAR','DIPPED',NULL,NULL,'31x10.5 R15','METRIC',787.4,NULL,'Marten','2026-11-30 00:00:13.269'),
(97,'2c5a8078-df0b-3430-bf8c-055d85039525','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'DISTANCE','DIPPED','LEFT',NULL,'7.62 m','METRIC',7620,NULL,'Marten','2026-11-30 00:01:06.269'),
(98,'aaa9cea3-1cfd-33be-b59f-300f96404708','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'7.66 m','METRIC',7660,NULL,'Marten','2026-11-30 00:01:59.269'),
(99,'c0d623b4-246c-3e02-a200-9462180acb96','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'CENTRE','DIPPED','LEFT',NULL,'1062','METRIC',1062,NULL,'Marten','2026-11-30 00:02:52.269'),
(100,'72c54b2e-5d28-3dcb-99af-e915212aa215','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'CENTRE','DIPPED','RIGHT',NULL,'1066','METRIC',1066,NULL,'Marten','2026-11-30 00:03:45.269'),
(101,'f0850ab9-b572-336e-b16d-c0f292af28f5','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'978','METRIC',978,NULL,'Marten','2026-11-30 00:04:38.269'),
(102,'2a3eef3a-82af-3c38-b183-cfbca6adb280','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'978','METRIC',978,NULL,'Marten','2026-11-30 00:05:31.269'),
(103,'a0bc2dcf-e507-386b-a1b9-825b15b7dae5','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'SPACING','DIPPED',NULL,NULL,'1360','METRIC',1360,NULL,'Marten','2026-11-30 00:06:24.269'),
(104,'a9cec012-60ee-33c0-b3cd-f8b8700b647c','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'0','METRIC',0,NULL,'Marten','2026-11-30 00:07:17.269'),
(105,'191f0948-dd9a-3ba9-9d5a-d405fadf2f47','01900000-0000-7000-8000-000000000001','3f3c9550-af9c-38e2-99ca-5ed7d3863ad1',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'12','METRIC',12,NULL,'Marten','2026-11-30 00:08:10.269'),
(106,'d00e2a11-06dc-3aca-a748-32f02eb157e6','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'DISTANCE','DIPPED','LEFT',NULL,'6.1 m','METRIC',6100,NULL,'Runa','2026-11-30 04:21:06.269'),
(107,'48acdbf2-1350-3e72-981f-f380eb297f75','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'DISTANCE','DIPPED','RIGHT',NULL,'6.1 m','METRIC',6100,NULL,'Runa','2026-11-30 04:21:59.269'),
(108,'746ffa4d-6ccd-3045-960f-2bb893d96203','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'CENTRE','DIPPED','LEFT',NULL,'26 5/16 in','METRIC',668.3375,NULL,'Runa','2026-11-30 04:22:52.269'),
(109,'94dd3bbe-9540-3635-84a4-d05695a18e53','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'CENTRE','DIPPED','RIGHT',NULL,'671','METRIC',671,NULL,'Runa','2026-11-30 04:23:45.269'),
(110,'b21344a0-9193-3767-9c55-9452fd77a139','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'LOWER_EDGE','DIPPED','LEFT',NULL,'612','METRIC',612,NULL,'Runa','2026-11-30 04:24:38.269'),
(111,'4f99b09f-27e2-3eb7-a1e3-193b1841657a','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'LOWER_EDGE','DIPPED','RIGHT',NULL,'612','METRIC',612,NULL,'Runa','2026-11-30 04:25:31.269'),
(112,'31609b8e-d7fe-3082-8a0c-4deed647d3f2','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'SPACING','DIPPED',NULL,NULL,'131 cm','METRIC',1310,NULL,'Runa','2026-11-30 04:26:24.269'),
(113,'defef833-df67-32da-912d-e7325c1b92bd','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'CUTOFF_BELOW','DIPPED','LEFT',NULL,'70','METRIC',70,NULL,'Runa','2026-11-30 04:27:17.269'),
(114,'161324bb-fce3-30c2-9450-dd40b3c4cca7','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'81','METRIC',81,NULL,'Runa','2026-11-30 04:28:10.269'),
(115,'8fd1b1e8-4006-35b9-a172-bffb53488e2b','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'-18','METRIC',-18,'161324bb-fce3-30c2-9450-dd40b3c4cca7','Runa','2026-11-30 04:29:03.269'),
(116,'3c3ec8ba-6a18-3e9b-b866-178933d6e26a','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'TURN','DIPPED','RIGHT','ac08f1c9-df68-32cc-845e-84793dd47dcd','1 clockwise','METRIC',1,NULL,'Runa','2026-11-30 04:29:56.269'),
(117,'c7c86c56-c747-3ea5-86fe-f6d9d840ea5e','01900000-0000-7000-8000-000000000001','12d906f6-c297-3cde-9f54-32f79eb23cc0',NULL,'CUTOFF_BELOW','DIPPED','RIGHT',NULL,'18','METRIC',18,NULL,'Runa','2026-11-30 04:30:49.269');
/*!40000 ALTER TABLE `reading` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `rule_confirmation`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `rule_confirmation` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `set_id` varchar(41) NOT NULL,
  `set_version` int(11) NOT NULL,
  `rule_id` varchar(61) NOT NULL,
  `place` varchar(200) NOT NULL,
  `person` varchar(60) NOT NULL,
  `confirmed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `rule_confirmation_of_shop` (`shop_id`,`confirmed_at`),
  CONSTRAINT `rule_confirmation_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `rule_confirmation` WRITE;
/*!40000 ALTER TABLE `rule_confirmation` DISABLE KEYS */;
/*!40000 ALTER TABLE `rule_confirmation` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `sheet`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sheet` (
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `stage` varchar(16) NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `content` mediumtext NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`job_id`,`stage`),
  KEY `sheet_recent` (`shop_id`,`stage`,`changed_at`),
  CONSTRAINT `sheet_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `sheet_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `sheet_is_json` CHECK (json_valid(`content`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `sheet` WRITE;
/*!40000 ALTER TABLE `sheet` DISABLE KEYS */;
INSERT INTO `sheet` VALUES
('0b63091e-3ab2-32cd-8b4c-f73e00c944dc','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[{\"function\":\"FRONT_FOG\",\"state\":\"KEY_OUT_FOG\",\"level\":\"OUT\"},{\"function\":\"FRONT_FOG\",\"state\":\"DAY_FOG\",\"level\":\"OUT\"},{\"function\":\"FRONT_FOG\",\"state\":\"SIDE\",\"level\":\"OUT\"},{\"function\":\"FRONT_FOG\",\"state\":\"SIDE_FOG\",\"level\":\"FULL\"},{\"function\":\"FRONT_FOG\",\"state\":\"LOW_FOG\",\"level\":\"FULL\"},{\"function\":\"FRONT_FOG\",\"state\":\"MAIN_FOG\",\"level\":\"OUT\"}],\"plan\":{\"id\":\"fog-own-switch\",\"version\":1,\"answers\":{\"tappedFuse\":\"10\",\"outOnMain\":\"yes\",\"harnessSide\":\"RIGHT\",\"pilot\":\"fog 86\",\"nearMetres\":\"1.1\",\"branchSize\":\"1 mm²\",\"farMetres\":\"2.3\"},\"changes\":{}},\"sources\":[{\"id\":\"side\",\"place\":\"dash plug B, cavity 8\",\"colour\":\"grey-red\",\"ground\":\"battery\'s own negative\",\"supplyVolts\":12.5,\"readings\":[{\"key\":\"OFF\",\"lights\":\"OFF\",\"volts\":0.0},{\"key\":\"OFF\",\"lights\":\"SIDE\",\"volts\":12.4},{\"key\":\"RUN\",\"lights\":\"OFF\",\"volts\":0.0}]},{\"id\":\"red\",\"place\":\"fuse box, slot 14\",\"colour\":\"red\",\"ground\":\"battery\'s own negative\",\"supplyVolts\":12.5,\"readings\":[{\"key\":\"OFF\",\"lights\":\"OFF\",\"volts\":0.0}]}],\"routes\":[{\"question\":\"farMetres\",\"name\":\"to the left fog lamp\",\"stops\":[{\"leftMm\":-620.0,\"forwardMm\":180.0,\"upMm\":820.0,\"passes\":\"NOTHING\"},{\"leftMm\":-540.0,\"forwardMm\":420.0,\"upMm\":880.0,\"passes\":\"NOTHING\"},{\"leftMm\":560.0,\"forwardMm\":430.0,\"upMm\":880.0,\"passes\":\"NOTHING\"},{\"leftMm\":700.0,\"forwardMm\":560.0,\"upMm\":420.0,\"passes\":\"GROMMET\"},{\"leftMm\":742.0,\"forwardMm\":640.0,\"upMm\":300.0,\"passes\":\"NOTHING\"}]}],\"hazards\":[{\"name\":\"fan of the radiator\",\"leftMm\":0.0,\"forwardMm\":120.0,\"upMm\":640.0,\"clearanceMm\":120.0}],\"readings\":[],\"battery\":[{\"what\":\"LIVE_STEP\",\"step\":\"Probe for the source: each key position against each light position\",\"person\":\"Runa\",\"at\":\"2026-11-24T15:10:00Z\"},{\"what\":\"NEGATIVE_OFF\",\"step\":\"\",\"person\":\"Runa\",\"at\":\"2026-11-24T15:32:00Z\"}],\"open\":[{\"id\":\"grommet\",\"kind\":\"TEMPORARY\",\"what\":\"tape for a grommet in the firewall\",\"done\":false}],\"settings\":[]}','Runa','2026-11-29 03:58:27.269'),
('0b63091e-3ab2-32cd-8b4c-f73e00c944dc','PARTS','01900000-0000-7000-8000-000000000001',1,'{\"parts\":[{\"id\":\"fog-left\",\"name\":\"fog lamp\",\"side\":\"LEFT\",\"neededFor\":\"APART\",\"checks\":{\"HERE\":\"RIGHT\",\"VARIANT\":\"RIGHT\",\"SIDE\":\"RIGHT\",\"OUTLINE\":\"RIGHT\",\"BULBS\":\"RIGHT\",\"MOVES_OVER\":\"RIGHT\",\"CONNECTORS\":\"RIGHT\",\"POLARITY\":\"RIGHT\",\"COMPLETE\":\"RIGHT\"},\"outcome\":\"FITS\",\"with\":\"\",\"light\":{\"circuit\":\"FRONT_FOG\",\"pattern\":\"WIDE_FOG\",\"kelvin\":4300,\"lens\":\"CLEAR\"},\"marks\":\"E4 F3 02\",\"kind\":\"LAMP\"},{\"id\":\"fog-right\",\"name\":\"fog lamp\",\"side\":\"RIGHT\",\"neededFor\":\"APART\",\"checks\":{\"HERE\":\"RIGHT\",\"VARIANT\":\"RIGHT\",\"SIDE\":\"WRONG\",\"OUTLINE\":\"RIGHT\",\"BULBS\":\"RIGHT\",\"MOVES_OVER\":\"RIGHT\",\"CONNECTORS\":\"RIGHT\",\"POLARITY\":\"RIGHT\",\"COMPLETE\":\"RIGHT\"},\"outcome\":\"GOES_BACK\",\"with\":\"two left ones came\",\"light\":{\"circuit\":\"FRONT_FOG\",\"pattern\":\"WIDE_FOG\",\"kelvin\":4300,\"lens\":\"CLEAR\"},\"marks\":\"E4 F3 02\",\"kind\":\"LAMP\"},{\"id\":\"bezels\",\"name\":\"bezels with bracket\",\"neededFor\":\"APART\",\"checks\":{\"HERE\":\"RIGHT\",\"VARIANT\":\"RIGHT\",\"OUTLINE\":\"RIGHT\",\"COMPLETE\":\"RIGHT\"},\"outcome\":\"ADAPTS\",\"with\":\"two washers behind the lower screw\",\"kind\":\"FITTED\"},{\"id\":\"switch\",\"name\":\"switch\",\"neededFor\":\"PROVE\",\"checks\":{\"HERE\":\"RIGHT\"},\"outcome\":\"OPEN\",\"with\":\"\",\"kind\":\"ELECTRIC\"}],\"plugs\":[],\"candidates\":[{\"id\":\"round\",\"name\":\"round, glass\",\"outline\":\"WRONG\",\"light\":{\"circuit\":\"FRONT_FOG\",\"pattern\":\"WIDE_FOG\",\"kelvin\":3000,\"lens\":\"CLEAR\"},\"cost\":\"118 the pair\",\"note\":\"bulbs apart\"},{\"id\":\"oval\",\"name\":\"oval, as the covers\",\"outline\":\"RIGHT\",\"light\":{\"circuit\":\"FRONT_FOG\",\"pattern\":\"WIDE_FOG\",\"kelvin\":4300,\"lens\":\"CLEAR\"},\"cost\":\"164 the pair\",\"note\":\"\"}],\"chosen\":\"oval\",\"why\":\"outline of the covers; the round ones are for the short front\"}','Runa','2026-11-29 03:54:55.269'),
('0b63091e-3ab2-32cd-8b4c-f73e00c944dc','PLACE','01900000-0000-7000-8000-000000000001',1,'{\"ruleSets\":[\"un-r48\"],\"widthMm\":2020.0,\"pairs\":[{\"id\":\"low\",\"name\":\"low beam\",\"function\":\"DIPPED\",\"heads\":[{\"lit\":{\"form\":\"ELLIPSE\",\"widthMm\":150.0,\"heightMm\":150.0},\"outMm\":0.0,\"upMm\":0.0}],\"goesOutWithTurnSignal\":false,\"holes\":[],\"left\":{\"outMm\":720.0,\"heightMm\":872.0,\"headingDeg\":0.0},\"right\":{\"outMm\":720.0,\"heightMm\":872.0,\"headingDeg\":0.0}},{\"id\":\"fog\",\"name\":\"fog lamp\",\"function\":\"FRONT_FOG\",\"heads\":[{\"lit\":{\"form\":\"ELLIPSE\",\"widthMm\":92.0,\"heightMm\":92.0},\"outMm\":0.0,\"upMm\":0.0}],\"goesOutWithTurnSignal\":false,\"recess\":{\"deepMm\":0.0,\"outMm\":0.0,\"inMm\":0.0,\"upMm\":0.0,\"downMm\":0.0},\"holes\":[{\"outMm\":0.0,\"upMm\":0.0,\"pilotMm\":4.0,\"finalMm\":74.0},{\"outMm\":52.0,\"upMm\":0.0,\"pilotMm\":2.5,\"finalMm\":5.5}],\"left\":{\"outMm\":742.0,\"heightMm\":291.0,\"headingDeg\":0.0},\"right\":{\"outMm\":742.0,\"heightMm\":291.0,\"headingDeg\":0.0}}],\"keepOuts\":[{\"id\":\"eye\",\"name\":\"tow eye\",\"outline\":{\"form\":\"POLYGON\",\"corners\":[{\"outMm\":-595.0,\"upMm\":295.0},{\"outMm\":-525.0,\"upMm\":295.0},{\"outMm\":-525.0,\"upMm\":365.0},{\"outMm\":-595.0,\"upMm\":365.0}]},\"clearanceMm\":15.0}],\"readToMm\":1.0}','Runa','2026-11-29 03:57:34.269'),
('0b63091e-3ab2-32cd-8b4c-f73e00c944dc','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"bus cooperative\",\"kinds\":[\"FOG\"],\"wants\":\"the covers are there already\",\"access\":\"BUMPER_OFF\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"FRONT_FOG\",\"side\":\"LEFT\",\"state\":\"NOT_FITTED\",\"tries\":0},{\"function\":\"FRONT_FOG\",\"side\":\"RIGHT\",\"state\":\"NOT_FITTED\",\"tries\":0}],\"leftOut\":[]}','Runa','2026-11-29 03:54:02.269'),
('115186f2-468f-324e-822b-df8c2a4ea4b2','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"plug-in\",\"version\":1,\"answers\":{\"lowStays\":\"yes\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Ilse','2026-11-24 04:54:55.269'),
('115186f2-468f-324e-822b-df8c2a4ea4b2','FOUND','01900000-0000-7000-8000-000000000001',1,'{\"notes\":[{\"about\":\"HIDDEN_BOLT\",\"words\":\"third bolt behind the washer neck, 10 mm, long extension\"},{\"about\":\"SCREW_DIRECTION\",\"words\":\"vertical screw: clockwise lowers, both sides\"}],\"minutes\":{\"APART\":25,\"TOGETHER\":15,\"WALL\":40},\"estimateMinutes\":60,\"partsCost\":\"two assemblies 310\",\"lookBack\":\"\"}','Ilse','2026-11-24 05:07:17.269'),
('115186f2-468f-324e-822b-df8c2a4ea4b2','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"Marten\",\"kinds\":[\"SWAP\"],\"wants\":\"the old ones are cloudy\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Ilse','2026-11-24 04:54:02.269'),
('12d906f6-c297-3cde-9f54-32f79eb23cc0','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"xenon-harness\",\"version\":1,\"answers\":{\"farMetres\":\"1.9\",\"feedMetres\":\"1.4\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[{\"id\":\"m1\",\"state\":\"LOW\",\"amperes\":false,\"place\":\"left ballast +\",\"value\":13.8,\"person\":\"Runa\"},{\"id\":\"m2\",\"state\":\"LOW\",\"amperes\":true,\"place\":\"harness fuse\",\"value\":6.1,\"person\":\"Runa\"}],\"battery\":[],\"open\":[],\"settings\":[]}','Runa','2026-11-30 04:16:41.269'),
('12d906f6-c297-3cde-9f54-32f79eb23cc0','PARTS','01900000-0000-7000-8000-000000000001',1,'{\"parts\":[{\"id\":\"projector-left\",\"name\":\"projector\",\"side\":\"LEFT\",\"neededFor\":\"BENCH\",\"checks\":{\"HERE\":\"RIGHT\",\"VARIANT\":\"RIGHT\",\"SIDE\":\"RIGHT\",\"OUTLINE\":\"RIGHT\",\"BULBS\":\"RIGHT\",\"MOVES_OVER\":\"RIGHT\",\"CONNECTORS\":\"RIGHT\",\"POLARITY\":\"RIGHT\",\"COMPLETE\":\"RIGHT\"},\"outcome\":\"FITS\",\"with\":\"\",\"light\":{\"circuit\":\"DIPPED\",\"pattern\":\"DIPPED\",\"kelvin\":4300,\"lens\":\"CLEAR\"},\"marks\":\"E4 HCR ↔\",\"kind\":\"LAMP\"},{\"id\":\"projector-right\",\"name\":\"projector\",\"side\":\"RIGHT\",\"neededFor\":\"BENCH\",\"checks\":{\"HERE\":\"RIGHT\",\"VARIANT\":\"RIGHT\",\"SIDE\":\"RIGHT\",\"OUTLINE\":\"RIGHT\",\"BULBS\":\"RIGHT\",\"MOVES_OVER\":\"RIGHT\",\"CONNECTORS\":\"RIGHT\",\"POLARITY\":\"RIGHT\",\"COMPLETE\":\"RIGHT\"},\"outcome\":\"FITS\",\"with\":\"\",\"light\":{\"circuit\":\"DIPPED\",\"pattern\":\"DIPPED\",\"kelvin\":4300,\"lens\":\"CLEAR\"},\"marks\":\"E4 HCR ↔\",\"kind\":\"LAMP\"},{\"id\":\"butyl\",\"name\":\"butyl\",\"neededFor\":\"BENCH\",\"checks\":{\"HERE\":\"RIGHT\"},\"outcome\":\"FITS\",\"with\":\"\",\"kind\":\"SUPPLIES\"}],\"plugs\":[{\"id\":\"low\",\"label\":\"low beam, black\",\"socket\":\"factory plug\",\"family\":\"two-pin, sealed\",\"gender\":\"FEMALE\",\"adapter\":\"\",\"use\":\"CONNECT\",\"done\":{\"LEFT\":\"CONNECTED\"}},{\"id\":\"shutter\",\"label\":\"shutter, blue\",\"socket\":\"splitter\",\"family\":\"two-pin, sealed\",\"gender\":\"FEMALE\",\"adapter\":\"\",\"use\":\"CONNECT\",\"done\":{\"LEFT\":\"CONNECTED\"}},{\"id\":\"ring\",\"label\":\"ring, white\",\"socket\":\"\",\"family\":\"two-pin, sealed\",\"gender\":\"FEMALE\",\"adapter\":\"\",\"use\":\"INSULATE\",\"done\":{\"LEFT\":\"INSULATED\",\"RIGHT\":\"INSULATED\"}}],\"candidates\":[],\"why\":\"\"}','Runa','2026-11-30 04:15:48.269'),
('12d906f6-c297-3cde-9f54-32f79eb23cc0','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"valley library\",\"kinds\":[\"RETROFIT\"],\"wants\":\"too dark on the pass\",\"access\":\"BUMPER_OFF\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Runa','2026-11-30 04:14:55.269'),
('1664c110-5e7e-3246-bfdd-c13bc3a51fa0','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"drl-kit\",\"version\":1,\"answers\":{\"watts\":\"6\",\"p2_lamp\":\"led\",\"leadFuse\":\"2\",\"candela\":\"720\",\"slotFeeds\":\"comfort\",\"p3_watts\":\"3.6\",\"p2_watts\":\"26\",\"slotName\":\"slot 22\",\"duty\":\"19\"},\"changes\":{},\"beside\":[{\"tag\":\"p2\",\"id\":\"plug-in\",\"version\":1,\"pair\":\"\"},{\"tag\":\"p3\",\"id\":\"turn-resistor\",\"version\":1,\"pair\":\"\"}]},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Ilse','2026-11-29 01:54:55.269'),
('1664c110-5e7e-3246-bfdd-c13bc3a51fa0','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"Ilse\",\"kinds\":[\"SWAP\"],\"wants\":\"the old ones are cloudy\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Ilse','2026-11-29 01:54:02.269'),
('3f3c9550-af9c-38e2-99ca-5ed7d3863ad1','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"snow patrol\",\"kinds\":[\"AIM\"],\"wants\":\"oncoming traffic flashes at us\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[\"SUSPENSION\"],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Marten','2026-11-29 23:54:55.269'),
('60ff7e7e-4a66-37f1-9da4-3428c8a0caba','FOUND','01900000-0000-7000-8000-000000000001',1,'{\"notes\":[{\"about\":\"SCREW_DIRECTION\",\"words\":\"right lamp: anticlockwise raises\"},{\"about\":\"OTHER\",\"words\":\"tailgate loaded with salt; emptied before aiming\"}],\"minutes\":{\"WALL\":35},\"estimateMinutes\":30,\"partsCost\":\"\",\"lookBack\":\"one winter, no complaint\"}','Runa','2026-11-27 05:06:24.269'),
('60ff7e7e-4a66-37f1-9da4-3428c8a0caba','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"road crew\",\"kinds\":[\"AIM\"],\"wants\":\"aim for the inspection\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Runa','2026-11-27 04:54:02.269'),
('64709187-8f3d-3d2c-bede-95acb37e5ac4','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"bus cooperative\",\"kinds\":[\"REPAIR\"],\"wants\":\"first left, then both, some days none\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[\"WIRING\",\"LAMPS\"],\"changesNote\":\"HID fog lamps, fitted elsewhere two winters ago\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"FRONT_FOG\",\"side\":\"LEFT\",\"state\":\"DEAD\",\"tries\":0},{\"function\":\"FRONT_FOG\",\"side\":\"RIGHT\",\"state\":\"AFTER_TRIES\",\"tries\":3}],\"leftOut\":[]}','Ilse','2026-11-29 19:54:02.269'),
('72f38664-1064-3938-baf5-c41aaa289e13','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"turn-resistor\",\"version\":1,\"answers\":{\"watts\":\"3.6\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Marten','2026-11-28 23:54:55.269'),
('72f38664-1064-3938-baf5-c41aaa289e13','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"district midwife\",\"kinds\":[\"SWAP\"],\"wants\":\"the old ones are cloudy\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Marten','2026-11-28 23:54:02.269'),
('888c024f-55c3-3609-887e-e70b46730cda','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"aux-pods\",\"version\":1,\"answers\":{\"watts\":\"14\",\"function\":\"FRONT_FOG\",\"withMain\":\"no\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Marten','2026-11-29 02:55:48.269'),
('888c024f-55c3-3609-887e-e70b46730cda','PLACE','01900000-0000-7000-8000-000000000001',1,'{\"ruleSets\":[\"us-fmvss-108\",\"us-ca-24403\"],\"widthMm\":1930.0,\"pairs\":[{\"id\":\"low\",\"name\":\"low beam\",\"function\":\"DIPPED\",\"heads\":[{\"lit\":{\"form\":\"RECTANGLE\",\"widthMm\":190.0,\"heightMm\":120.0},\"outMm\":0.0,\"upMm\":0.0}],\"goesOutWithTurnSignal\":false,\"holes\":[],\"left\":{\"outMm\":746.0,\"heightMm\":970.0,\"headingDeg\":0.0},\"right\":{\"outMm\":746.0,\"heightMm\":970.0,\"headingDeg\":0.0}},{\"id\":\"fog\",\"name\":\"fog pod\",\"function\":\"FRONT_FOG\",\"heads\":[{\"lit\":{\"form\":\"RECTANGLE\",\"widthMm\":78.0,\"heightMm\":70.0},\"outMm\":0.0,\"upMm\":0.0}],\"goesOutWithTurnSignal\":false,\"recess\":{\"deepMm\":0.0,\"outMm\":0.0,\"inMm\":0.0,\"upMm\":0.0,\"downMm\":0.0},\"holes\":[{\"outMm\":0.0,\"upMm\":-46.0,\"pilotMm\":3.0,\"finalMm\":8.5}],\"left\":{\"outMm\":512.0,\"heightMm\":622.0,\"headingDeg\":0.0},\"right\":{\"outMm\":512.0,\"heightMm\":622.0,\"headingDeg\":0.0}}],\"keepOuts\":[{\"id\":\"hook\",\"name\":\"recovery hook\",\"outline\":{\"form\":\"POLYGON\",\"corners\":[{\"outMm\":410.0,\"upMm\":407.0},{\"outMm\":500.0,\"upMm\":407.0},{\"outMm\":500.0,\"upMm\":497.0},{\"outMm\":410.0,\"upMm\":497.0}]},\"clearanceMm\":25.0}],\"readToMm\":1.0}','Marten','2026-11-29 02:54:55.269'),
('888c024f-55c3-3609-887e-e70b46730cda','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"road crew\",\"kinds\":[\"PODS\"],\"wants\":\"fog in the gorge from October on\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Marten','2026-11-29 02:54:02.269'),
('a154548c-7858-3970-85a0-558d1bbad805','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"led-projector\",\"version\":1,\"answers\":{\"lowWatts\":\"26\",\"lowStays\":\"yes\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Runa','2026-10-21 04:54:55.269'),
('a154548c-7858-3970-85a0-558d1bbad805','FOUND','01900000-0000-7000-8000-000000000001',1,'{\"notes\":[{\"about\":\"ODD_FASTENER\",\"words\":\"grille: six clips, pull the pin; two break each time\"},{\"about\":\"HIDDEN_BOLT\",\"words\":\"one bolt behind the liner stays in its hole: tape it\"}],\"minutes\":{\"CAME\":20,\"APART\":55,\"WALL\":50},\"estimateMinutes\":120,\"partsCost\":\"\",\"lookBack\":\"\"}','Runa','2026-10-21 05:13:28.269'),
('a154548c-7858-3970-85a0-558d1bbad805','HAND_OVER','01900000-0000-7000-8000-000000000001',1,'{\"note\":\"One clip of the bumper\'s upper edge is new. The old lamps lie in the back.\",\"fuses\":\"7.5 A, in the box behind the glove compartment, fifth from the left\",\"comeBack\":[{\"what\":\"Main-beam adapters looked at after the first winter\",\"from\":\"2027-03-21\",\"latest\":\"2027-05-21\"}]}','Runa','2026-10-21 05:14:21.269'),
('a154548c-7858-3970-85a0-558d1bbad805','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"valley library\",\"kinds\":[\"SWAP\"],\"wants\":\"the old ones are cloudy\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Runa','2026-10-21 04:54:02.269'),
('c4a01d24-5af8-3888-9858-2eefc69ee282','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"valley library\",\"kinds\":[\"AIM\"],\"wants\":\"new springs, aim again\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Ilse','2026-11-30 02:54:02.269'),
('ccf4b6e8-0ea8-31df-bc3e-ca45c9d2048a','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"drl-dimmed\",\"version\":1,\"answers\":{\"candela\":\"780\",\"duty\":\"16\",\"leg\":\"minus\",\"watts\":\"4.5\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Runa','2026-11-29 21:55:48.269'),
('ccf4b6e8-0ea8-31df-bc3e-ca45c9d2048a','PLACE','01900000-0000-7000-8000-000000000001',1,'{\"ruleSets\":[\"un-r48\",\"fitters\"],\"widthMm\":1680.0,\"pairs\":[{\"id\":\"low\",\"name\":\"low beam\",\"function\":\"DIPPED\",\"heads\":[{\"lit\":{\"form\":\"ELLIPSE\",\"widthMm\":120.0,\"heightMm\":120.0},\"outMm\":0.0,\"upMm\":0.0}],\"goesOutWithTurnSignal\":false,\"holes\":[],\"left\":{\"outMm\":582.0,\"heightMm\":628.0,\"headingDeg\":0.0},\"right\":{\"outMm\":582.0,\"heightMm\":628.0,\"headingDeg\":0.0}},{\"id\":\"drl\",\"name\":\"running lamp\",\"function\":\"DRL\",\"heads\":[{\"lit\":{\"form\":\"ELLIPSE\",\"widthMm\":34.0,\"heightMm\":34.0},\"outMm\":-38.0,\"upMm\":0.0},{\"lit\":{\"form\":\"ELLIPSE\",\"widthMm\":34.0,\"heightMm\":34.0},\"outMm\":0.0,\"upMm\":0.0},{\"lit\":{\"form\":\"ELLIPSE\",\"widthMm\":34.0,\"heightMm\":34.0},\"outMm\":38.0,\"upMm\":0.0}],\"intensityCd\":780.0,\"goesOutWithTurnSignal\":false,\"recess\":{\"deepMm\":0.0,\"outMm\":0.0,\"inMm\":0.0,\"upMm\":0.0,\"downMm\":0.0},\"holes\":[{\"outMm\":-38.0,\"upMm\":0.0,\"pilotMm\":3.0,\"finalMm\":10.0},{\"outMm\":0.0,\"upMm\":0.0,\"pilotMm\":3.0,\"finalMm\":10.0},{\"outMm\":38.0,\"upMm\":0.0,\"pilotMm\":3.0,\"finalMm\":10.0}],\"left\":{\"outMm\":566.0,\"heightMm\":446.0,\"headingDeg\":13.0},\"right\":{\"outMm\":566.0,\"heightMm\":446.0,\"headingDeg\":4.0}},{\"id\":\"turn\",\"name\":\"turn signal\",\"function\":\"TURN\",\"heads\":[{\"lit\":{\"form\":\"RECTANGLE\",\"widthMm\":96.0,\"heightMm\":44.0},\"outMm\":0.0,\"upMm\":0.0}],\"goesOutWithTurnSignal\":false,\"recess\":{\"deepMm\":0.0,\"outMm\":0.0,\"inMm\":0.0,\"upMm\":0.0,\"downMm\":0.0},\"holes\":[],\"left\":{\"outMm\":742.0,\"heightMm\":560.0,\"headingDeg\":0.0},\"right\":{\"outMm\":742.0,\"heightMm\":560.0,\"headingDeg\":0.0}}],\"keepOuts\":[],\"bumperSetbackMm\":140.0,\"readToMm\":1.0}','Runa','2026-11-29 21:54:55.269'),
('ccf4b6e8-0ea8-31df-bc3e-ca45c9d2048a','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"car club\",\"kinds\":[\"DRL\"],\"wants\":\"small and round\",\"access\":\"BUMPER_OFF\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Runa','2026-11-29 21:54:02.269'),
('e2ca9810-e615-3208-b037-d7e400e43587','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"snow patrol\",\"kinds\":[\"RETROFIT\"],\"wants\":\"glare in falling snow\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Ilse','2026-11-29 06:54:02.269'),
('e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','FEED','01900000-0000-7000-8000-000000000001',1,'{\"wishes\":[],\"plan\":{\"id\":\"plug-in\",\"version\":1,\"answers\":{\"lowStays\":\"yes\"},\"changes\":{}},\"sources\":[],\"routes\":[],\"hazards\":[],\"readings\":[],\"battery\":[],\"open\":[],\"settings\":[]}','Marten','2026-11-29 13:54:55.269'),
('e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','TAKE_IN','01900000-0000-7000-8000-000000000001',1,'{\"customer\":\"district nurse\",\"kinds\":[\"SWAP\"],\"wants\":\"the old ones are cloudy\",\"access\":\"LAMPS_ONLY\",\"secondSet\":false,\"headlampsLoosened\":false,\"changes\":[],\"changesNote\":\"\",\"checks\":[{\"function\":\"DIPPED\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"DIPPED\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"MAIN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"POSITION\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"LEFT\",\"state\":\"WORKS\",\"tries\":0},{\"function\":\"TURN\",\"side\":\"RIGHT\",\"state\":\"WORKS\",\"tries\":0}],\"leftOut\":[]}','Marten','2026-11-29 13:54:02.269');
/*!40000 ALTER TABLE `sheet` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `shop`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `name` varchar(80) NOT NULL,
  PRIMARY KEY (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `shop` WRITE;
/*!40000 ALTER TABLE `shop` DISABLE KEYS */;
INSERT INTO `shop` VALUES
('01900000-0000-7000-8000-000000000001','Valley cooperative workshop');
/*!40000 ALTER TABLE `shop` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `vehicle`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `vehicle` (
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `version` int(11) NOT NULL,
  `name` varchar(80) NOT NULL,
  `nickname` varchar(80) NOT NULL,
  `variant` varchar(80) DEFAULT NULL,
  `model_year` smallint(6) DEFAULT NULL,
  `driver_side` varchar(5) NOT NULL,
  `wheelbase_mm` double DEFAULT NULL,
  `lamp_ahead_mm` double DEFAULT NULL,
  `width_mm` double DEFAULT NULL,
  `body` varchar(16) DEFAULT NULL,
  `vehicle_class` varchar(10) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `height_mm` double DEFAULT NULL,
  `front_overhang_mm` double DEFAULT NULL,
  `rear_overhang_mm` double DEFAULT NULL,
  `dipped` varchar(16) NOT NULL,
  `lens_dipped` varchar(200) DEFAULT NULL,
  `fog` varchar(16) DEFAULT NULL,
  `lens_fog` varchar(200) DEFAULT NULL,
  `driving_aimed` tinyint(1) DEFAULT NULL,
  `steeper_by_maker` tinyint(1) NOT NULL,
  `changed_by` varchar(60) NOT NULL,
  `changed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `vehicle_name` (`shop_id`,`name`),
  CONSTRAINT `vehicle_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `vehicle` WRITE;
/*!40000 ALTER TABLE `vehicle` DISABLE KEYS */;
INSERT INTO `vehicle` VALUES
('0ed75b06-d3f1-3b59-93cc-45188bf144bd','01900000-0000-7000-8000-000000000001',2,'Brask Tundal','snow patrol 2','short',2007,'LEFT',2850,820,1880,'OFF_ROADER',NULL,1870,870,790,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Ilse','2026-11-29 06:52:16.269'),
('15324549-8f2e-327a-a0c9-dd5c9117d968','01900000-0000-7000-8000-000000000001',2,'Quenby Lantern','valley bus 7','long',2015,'LEFT',3300,940,2020,'BUS','M1',2720,1010,1650,'UN_DIPPED','E4 HCR PL 02 4087','FOG_F3','E4 F3 00 2114',NULL,0,'Runa','2026-11-29 03:52:16.269'),
('19481c33-3693-3b19-a75b-f40a21382630','01900000-0000-7000-8000-000000000001',2,'Orlo Drift','Ilse\'s roadster','',2009,'LEFT',2310,730,1680,'ROADSTER',NULL,1240,790,850,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Ilse','2026-11-29 01:52:16.269'),
('224d1333-64d6-3e1c-82a2-4b9c3fbb3089','01900000-0000-7000-8000-000000000001',2,'Quenby Loft','library van 2','long',2015,'LEFT',3000,870,1960,'VAN','N1',2260,930,1280,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Runa','2026-10-21 04:52:16.269'),
('281fa363-d0c4-3f27-ae3e-43508096b49b','01900000-0000-7000-8000-000000000001',2,'Orlo Drift','club roadster','',2010,'LEFT',2310,730,1680,'ROADSTER',NULL,1240,790,850,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Runa','2026-11-29 21:52:16.269'),
('611fddf1-1c13-3309-a86e-cb38cedeabaa','01900000-0000-7000-8000-000000000001',2,'Sollen Ambit','midwife\'s estate','',2012,'RIGHT',2710,845,1790,'ESTATE',NULL,1470,900,1010,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Marten','2026-11-28 23:52:16.269'),
('6225add6-1357-370a-8f5a-b4d44e016105','01900000-0000-7000-8000-000000000001',2,'Sollen Ambit','nurse\'s estate','',2013,'LEFT',2710,845,1790,'ESTATE',NULL,1470,900,1010,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Marten','2026-11-29 13:52:16.269'),
('651f97d1-7b22-3a60-80d6-49e2b4df3995','01900000-0000-7000-8000-000000000001',2,'Brask Skarn','road crew 2','crew cab',2017,'LEFT',3220,905,1930,'PICKUP',NULL,1850,960,1180,'SAE_VOR','SAE VOR DOT',NULL,NULL,NULL,0,'Runa','2026-11-27 04:52:16.269'),
('7e6bc3d2-7b6c-3a7d-b3d3-09366215d2df','01900000-0000-7000-8000-000000000001',2,'Quenby Loft','library van 3','long',2016,'LEFT',3000,870,1960,'VAN','N1',2260,930,1280,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Runa','2026-11-30 04:12:16.269'),
('a23ef8b1-c438-3a41-976f-cb00cb8dc91a','01900000-0000-7000-8000-000000000001',2,'Quenby Loft','library van 1','long, high roof',2016,'LEFT',3000,870,1960,'VAN','N1',2530,930,1280,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Ilse','2026-11-30 02:52:16.269'),
('b4687e74-0641-326d-924d-51c6c765cb90','01900000-0000-7000-8000-000000000001',2,'Brask Skarn','road crew 5','crew cab',2018,'LEFT',3220,905,1930,'PICKUP',NULL,1850,960,1180,'SAE_VOR','SAE VOR DOT',NULL,NULL,NULL,0,'Marten','2026-11-29 02:52:16.269'),
('d0547e64-4a44-3d9b-af4b-ea3c8e962985','01900000-0000-7000-8000-000000000001',2,'Brask Tundal','snow patrol 1','short',2006,'LEFT',2850,820,1880,'OFF_ROADER',NULL,1870,870,790,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Marten','2026-11-29 23:52:16.269'),
('d333f6a5-bed4-3ab7-afb2-6d8411a6e8f1','01900000-0000-7000-8000-000000000001',2,'Quenby Lantern','valley bus 4','long',2014,'LEFT',3300,940,2020,'BUS','M1',2720,1010,1650,'UN_DIPPED','E4 HCR PL 02 4087','FOG_B','E4 F3 00 2114',NULL,0,'Ilse','2026-11-29 19:52:16.269'),
('e2a6983b-54e7-368f-8335-04b04d5f27b4','01900000-0000-7000-8000-000000000001',2,'Sollen Wick','Marten\'s hatch','five doors',2014,'LEFT',2380,760,1660,'HATCH',NULL,1490,810,600,'UN_DIPPED','E4 HCR PL 02 4087',NULL,NULL,NULL,0,'Ilse','2026-11-24 04:52:16.269');
/*!40000 ALTER TABLE `vehicle` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `workshop_entry`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `workshop_entry` (
  `seq` bigint(20) NOT NULL AUTO_INCREMENT,
  `id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `job_id` char(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `content` mediumtext NOT NULL,
  `strikes` char(36) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `made_by` varchar(60) NOT NULL,
  `made_at` datetime(3) NOT NULL,
  PRIMARY KEY (`seq`),
  UNIQUE KEY `workshop_entry_id` (`id`),
  UNIQUE KEY `workshop_entry_struck_once` (`strikes`),
  KEY `workshop_entry_of_job` (`job_id`,`seq`),
  KEY `workshop_entry_latest` (`shop_id`,`made_at`),
  CONSTRAINT `workshop_entry_job` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`),
  CONSTRAINT `workshop_entry_shop` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `workshop_entry_strikes` FOREIGN KEY (`strikes`) REFERENCES `workshop_entry` (`id`),
  CONSTRAINT `workshop_entry_is_json` CHECK (json_valid(`content`))
) ENGINE=InnoDB AUTO_INCREMENT=132 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `workshop_entry` WRITE;
/*!40000 ALTER TABLE `workshop_entry` DISABLE KEYS */;
INSERT INTO `workshop_entry` VALUES
(1,'33a4755c-0b39-3715-8b31-66df85b72ff5','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"RIGHT_SIDE\",\"across\":0.25,\"up\":0.55},\"where\":\"\",\"tray\":\"tray 2\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":true,\"people\":1,\"note\":\"behind the washer neck, long extension\"},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:05:31.269'),
(2,'c9550276-4e19-3952-8f03-7093f7d2ca8e','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"APART\",\"out\":{\"count\":9,\"kind\":\"CLIP_PULL\",\"name\":\"\",\"size\":\"\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.5,\"up\":0.85},\"where\":\"\",\"tray\":\"\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:06:24.269'),
(3,'166af8c0-28ee-3d86-b80e-82ea5dc80f99','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"PIECE\",\"name\":\"bumper\",\"size\":\"\",\"thread\":\"\",\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":2,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:07:17.269'),
(4,'2eb052ed-3d6f-3a15-b179-b114f4800897','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"166af8c0-28ee-3d86-b80e-82ea5dc80f99\",\"move\":\"BACK\",\"count\":1},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:08:10.269'),
(5,'595bc8e2-be27-365d-af76-8f18471abcfd','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"c9550276-4e19-3952-8f03-7093f7d2ca8e\",\"move\":\"BROKEN\",\"count\":1},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:09:03.269'),
(6,'9af3394d-0b9e-3d4c-ad9e-970cb7992b53','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"c9550276-4e19-3952-8f03-7093f7d2ca8e\",\"move\":\"REPLACED\",\"count\":1},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:09:56.269'),
(7,'caf0c5b9-e36b-30d0-ba3e-9d7c9a482ec0','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"c9550276-4e19-3952-8f03-7093f7d2ca8e\",\"move\":\"BACK\",\"count\":8},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:10:49.269'),
(8,'d1b62d1b-0c96-3914-98d2-4f218ba4789c','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"33a4755c-0b39-3715-8b31-66df85b72ff5\",\"move\":\"BACK\",\"count\":1},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:11:42.269'),
(9,'30ef1224-fab8-3366-ba0e-95c9778d821c','01900000-0000-7000-8000-000000000001','a154548c-7858-3970-85a0-558d1bbad805','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"33a4755c-0b39-3715-8b31-66df85b72ff5\",\"move\":\"TIGHT\",\"count\":1},\"waitedMs\":0}',NULL,'Runa','2026-10-21 05:12:35.269'),
(10,'e0590555-8573-3b3d-8127-928cff47483b','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"step\":{\"step\":\"prove.connect\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 02:56:41.269'),
(11,'7f253f23-40fa-3c19-ada2-1ef39afcf3fa','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"0 min\",\"temperature\":\"18 °C\",\"limit\":\"80 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 02:57:34.269'),
(12,'7c844e51-79f8-326b-bc63-d016d8fb82b2','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"1 min\",\"temperature\":\"27 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 02:58:27.269'),
(13,'32a13c85-8365-3270-9fb0-011a44d5782a','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"2 min\",\"temperature\":\"33 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 02:59:20.269'),
(14,'1cce6e76-2d26-353c-a917-1bf2fd8ceb08','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"3 min\",\"temperature\":\"37 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:00:13.269'),
(15,'0f5a8981-90d0-3a32-8378-99fbccfa1300','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"4 min\",\"temperature\":\"40 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:01:06.269'),
(16,'1c27c4ac-6c9f-36ce-92f5-08a6f628ddbd','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"5 min\",\"temperature\":\"42 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:01:59.269'),
(17,'b9ba64f6-d2e4-3a48-9953-e153df804466','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"heat\":{\"what\":\"left pod\",\"after\":\"6 min\",\"temperature\":\"44 °C\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:02:52.269'),
(18,'250a0679-254e-3ed8-97fa-a0468305238e','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle OUT\",\"POSITION RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:03:45.269'),
(19,'ff77aa79-45ec-3ea8-9a42-24a45b62d576','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"vehicle OUT\",\"DIPPED RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:04:38.269'),
(20,'ee046ae7-6a54-3207-9ced-f347bb4f368b','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"vehicle OUT\",\"MAIN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:05:31.269'),
(21,'a21a743c-4d8f-3d07-9f2d-6c9e12908602','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"FRONT_FOG\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"FRONT_FOG LEFT left inner pod\":\"103463e8e46f43d6 OUT\",\"FRONT_FOG LEFT left middle pod\":\"e32fa33fe797d89c OUT\",\"FRONT_FOG LEFT left outer pod\":\"8ed35cd6081fcad6 OUT\",\"FRONT_FOG RIGHT right inner pod\":\"e4d6334640b82915 OUT\",\"FRONT_FOG RIGHT right middle pod\":\"0f38d237f2bdc064 OUT\",\"FRONT_FOG RIGHT right outer pod\":\"6ef439e9bb1c867b OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:06:24.269'),
(22,'acae96ed-bcf5-3c9f-8b95-9c9c3663c023','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"lights off, auxiliary\",\"function\":\"FRONT_FOG\",\"outcome\":\"WORKS\",\"side\":\"LEFT\",\"tries\":0,\"seen\":\"\",\"name\":\"left outer pod\",\"basis\":{\"FRONT_FOG LEFT left outer pod\":\"8ed35cd6081fcad6 FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:07:17.269'),
(23,'6dc85280-265d-3eac-9580-142f6dbe6f48','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"lights off, auxiliary\",\"function\":\"FRONT_FOG\",\"outcome\":\"WORKS\",\"side\":\"LEFT\",\"tries\":0,\"seen\":\"\",\"name\":\"left middle pod\",\"basis\":{\"FRONT_FOG LEFT left middle pod\":\"e32fa33fe797d89c FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:08:10.269'),
(24,'8ca29fef-a07e-3caa-907b-bcd9ffbe85cd','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"lights off, auxiliary\",\"function\":\"FRONT_FOG\",\"outcome\":\"FLICKERS\",\"side\":\"LEFT\",\"tries\":0,\"seen\":\"when the harness is shaken\",\"name\":\"left inner pod\",\"basis\":{\"FRONT_FOG LEFT left inner pod\":\"103463e8e46f43d6 FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:09:03.269'),
(25,'b364ba2e-58ff-3d4f-b61c-e2a9ccfbab46','01900000-0000-7000-8000-000000000001','888c024f-55c3-3609-887e-e70b46730cda','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"lights off, auxiliary\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"vehicle OUT\",\"MAIN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 03:09:56.269'),
(26,'9cc7c0ff-2977-3c3b-9637-3040e5742e0a','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.negative\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 03:59:20.269'),
(27,'ce4b0f40-3b13-3984-8320-20f27d9fb497','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.jack\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:00:13.269'),
(28,'314100dc-53f2-377b-8688-6c44c6a89a8a','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":6,\"kind\":\"CLIP_PULL\",\"name\":\"\",\"size\":\"\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.5,\"up\":0.83},\"where\":\"\",\"tray\":\"tray 1\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:01:06.269'),
(29,'49253361-0cba-3757-82ed-a729015f8a48','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":2,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"LEFT_SIDE\",\"across\":0.2,\"up\":0.5},\"where\":\"\",\"tray\":\"tray 2\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:01:59.269'),
(30,'53041b8c-6a23-3f73-8d78-8cee79da23b9','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":2,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"RIGHT_SIDE\",\"across\":0.2,\"up\":0.5},\"where\":\"\",\"tray\":\"tray 2\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:02:52.269'),
(31,'7d622144-260f-36bd-8997-4b9cf9748d9e','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":5,\"kind\":\"SCREW\",\"name\":\"\",\"size\":\"T25\",\"thread\":\"\",\"spot\":{\"view\":\"UNDERSIDE\",\"across\":0.08,\"up\":0.5},\"where\":\"\",\"tray\":\"tray 3\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:03:45.269'),
(32,'252d4b9f-1b30-359f-a33d-ff9dc3b77180','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"move\":{\"row\":\"7d622144-260f-36bd-8997-4b9cf9748d9e\",\"move\":\"BROKEN\",\"count\":1},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:04:38.269'),
(33,'a22b9986-d182-3b0f-84b1-e2cc586193bc','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"7 mm\",\"thread\":\"\",\"spot\":{\"view\":\"LEFT_SIDE\",\"across\":0.3,\"up\":0.62},\"where\":\"\",\"tray\":\"tray 2\",\"holds\":\"bumper\",\"asFound\":\"SOUND\",\"hidden\":true,\"people\":1,\"note\":\"under the edge of the liner\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:05:31.269'),
(34,'e1a8f4db-ac13-3ffe-98b8-1f26f2c545a5','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"PIECE\",\"name\":\"bumper\",\"size\":\"\",\"thread\":\"\",\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":2,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:06:24.269'),
(35,'33777582-4e71-362e-ad25-0e5b7e9f8325','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"CONNECTOR\",\"name\":\"\",\"size\":\"\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.4,\"up\":0.45},\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:07:17.269'),
(36,'97cf5fc9-a80f-35f7-b323-a7ad120d8d33','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.front\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:08:10.269'),
(37,'f49ba67e-2966-34ab-9c0a-8212dea4f206','01900000-0000-7000-8000-000000000001','0b63091e-3ab2-32cd-8b4c-f73e00c944dc','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.bumper\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Runa','2026-11-29 04:09:03.269'),
(38,'3fec921a-ee4a-3b06-98f8-9534a42b7a1a','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.negative\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 06:54:55.269'),
(39,'48166626-448a-36d2-a059-6df842a5148f','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"APART\",\"out\":{\"count\":3,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.86,\"up\":0.6},\"where\":\"\",\"tray\":\"tray 1\",\"holds\":\"left headlamp\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 06:55:48.269'),
(40,'10a0903e-e7ff-37a7-88b5-2856275698fe','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"PIECE\",\"name\":\"left headlamp\",\"size\":\"\",\"thread\":\"\",\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 06:56:41.269'),
(41,'df8d5eab-44e1-31c2-b15f-b027b4e4be84','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"APART\",\"out\":{\"count\":3,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.14,\"up\":0.6},\"where\":\"\",\"tray\":\"tray 1\",\"holds\":\"right headlamp\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 06:57:34.269'),
(42,'c256fd42-c1fa-31a0-82ba-c1238b556d6b','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"PIECE\",\"name\":\"right headlamp\",\"size\":\"\",\"thread\":\"\",\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 06:58:27.269'),
(43,'f80cbdca-c1b7-347e-8594-1c440c6c87f3','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.front\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 06:59:20.269'),
(44,'6a2c7eaa-3fbf-33d0-8a14-33ddc36661a2','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"BOWL_OPENING\",\"typed\":\"84\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:00:13.269'),
(45,'011bec79-b66d-3511-b0ce-cde8aeabb892','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"BOWL_DEPTH\",\"typed\":\"118\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:01:06.269'),
(46,'80ba4db3-edfc-3bbd-bd75-bfff672c799e','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"BEHIND\",\"typed\":\"74\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:01:59.269'),
(47,'d8894292-bbea-3d22-8901-c799e6e2565a','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"HOLE\",\"typed\":\"21.5\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:02:52.269'),
(48,'43348049-74a0-3bae-b0ac-653a9156d6e7','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"CUT_TO\",\"typed\":\"103\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:03:45.269'),
(49,'65c3ce75-ad23-3271-8506-160d955cbacf','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"LENS\",\"typed\":\"63.5\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:04:38.269'),
(50,'7e859f33-47bf-3d7d-baab-81bddfcd7c8f','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"SHROUD\",\"typed\":\"92\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:05:31.269'),
(51,'d6067c27-03ff-3487-bda9-6d3fd6df20f0','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"FRONT\",\"typed\":\"88\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:06:24.269'),
(52,'21f77582-8da1-3a58-9109-eefed8c693e2','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"BACK\",\"typed\":\"61\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:07:17.269'),
(53,'c076a8f7-4ad4-3cc4-ae30-973788c07652','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"BENCH_DISTANCE\",\"typed\":\"6400\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:08:10.269'),
(54,'7a56f16e-2467-3def-8a43-a8f858373a8e','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"RUN\",\"typed\":\"600\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:09:03.269'),
(55,'ffd3983c-e751-3ced-b533-03dc0f5b7aad','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.fit\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:09:56.269'),
(56,'d4a50155-9eda-36e8-ab89-dad727b0d2c7','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"FACTORY_LEFT\",\"side\":\"LEFT\",\"typed\":\"811\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:10:49.269'),
(57,'0bbc937f-e2b0-3ea8-9912-ae9f3cb65321','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"FACTORY_RIGHT\",\"side\":\"LEFT\",\"typed\":\"811\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:11:42.269'),
(58,'f6614fa8-0762-3766-a997-e03245d0937a','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.cutoff\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:12:35.269'),
(59,'bc47856a-0385-30c3-bde2-f0e7d679c88a','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.clips\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:13:28.269'),
(60,'ee328bda-ba26-35bf-ad28-6288aa8478c5','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"FACTORY_LEFT\",\"side\":\"RIGHT\",\"typed\":\"806\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:14:21.269'),
(61,'ed25b9e9-baab-3f0f-ad28-1dcf7caa13b5','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"FACTORY_RIGHT\",\"side\":\"RIGHT\",\"typed\":\"806\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:15:14.269'),
(62,'2354f352-e618-3147-800c-151aa95614ab','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.cutoff\",\"side\":\"RIGHT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:16:07.269'),
(63,'467fddea-0c26-31a2-857a-138b9de16de9','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.clips\",\"side\":\"RIGHT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:17:00.269'),
(64,'61ca21eb-f098-3fc3-8d27-1e66efe5a3d1','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"bake\":{\"purpose\":\"OPEN\",\"side\":\"LEFT\",\"temperature\":\"220 °F\",\"time\":\"5 min\",\"notInside\":[\"BULBS\",\"BALLASTS\",\"TAPES\",\"WIRES\",\"SCREWS\"]},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:17:53.269'),
(65,'eda9fbe2-5f56-35a3-b683-5f23f5f49fce','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"stop\":{\"timer\":\"61ca21eb-f098-3fc3-8d27-1e66efe5a3d1\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:23:46.269'),
(66,'2a1cd75e-95b8-3685-8a96-d4076f63ef46','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"bake\":{\"purpose\":\"OPEN\",\"side\":\"LEFT\",\"temperature\":\"220 °F\",\"time\":\"5 min\",\"notInside\":[\"BULBS\",\"BALLASTS\",\"TAPES\",\"WIRES\",\"SCREWS\"]},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:24:39.269'),
(67,'a7090d6b-cb28-36a1-b0a6-bb9f2f27f16e','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"stop\":{\"timer\":\"2a1cd75e-95b8-3685-8a96-d4076f63ef46\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:30:32.269'),
(68,'815131d8-59c4-38f1-a86b-c367fa63a0c7','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.open\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:31:25.269'),
(69,'72609b78-e66a-37f1-a6a1-7971481ddff2','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.cut\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:32:18.269'),
(70,'6f2292b4-1f13-37c5-b63d-0357fd84e5b7','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.dummy\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:33:11.269'),
(71,'a59adaed-ade2-3799-ad55-0428ebcc8d65','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"bake\":{\"purpose\":\"OPEN\",\"side\":\"RIGHT\",\"temperature\":\"220 °F\",\"time\":\"5 min\",\"notInside\":[\"BULBS\",\"BALLASTS\",\"TAPES\",\"WIRES\",\"SCREWS\"]},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:34:04.269'),
(72,'f7fb8f6f-d10d-3f21-b702-b1bbf935b21c','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"stop\":{\"timer\":\"a59adaed-ade2-3799-ad55-0428ebcc8d65\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:39:57.269'),
(73,'14e90aaa-3123-365e-b4b1-811c73c81c4d','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.open\",\"side\":\"RIGHT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:40:50.269'),
(74,'a4acc7ce-0bbd-34cb-862f-a7a6ea59d838','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.cut\",\"side\":\"RIGHT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:41:43.269'),
(75,'d8f2f57f-0922-3da4-af04-eaa942b10d4b','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.dummy\",\"side\":\"RIGHT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:42:36.269'),
(76,'f2b85a18-12ba-397d-a7ca-3d3f750fa3bf','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"choice\":{\"which\":\"LENS\",\"value\":\"RESTORE\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:43:29.269'),
(77,'4591f861-4e38-3028-a15b-cafbaf33845e','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"lens\":{\"side\":\"LEFT\",\"grit\":1000},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:44:22.269'),
(78,'d77f158d-c93d-312f-8abd-2c8f5d08a6e3','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"lens\":{\"side\":\"LEFT\",\"grit\":1200},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:45:15.269'),
(79,'48356ea2-7893-3ae2-bb7d-1f6e6adcfe5a','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"lens\":{\"side\":\"LEFT\",\"grit\":2000},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:46:08.269'),
(80,'3a5a88e7-e0de-3932-9509-f935b1a7d78d','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"timer\":{\"name\":\"fast epoxy, left\",\"kind\":\"CURE\",\"side\":\"LEFT\",\"adhesive\":\"FAST_EPOXY\",\"time\":\"6 min\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:47:01.269'),
(81,'6479547d-b26b-3754-9875-469ecbe08e8b','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"stop\":{\"timer\":\"3a5a88e7-e0de-3932-9509-f935b1a7d78d\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:53:54.269'),
(82,'93dfedeb-982d-39db-8133-5148a73a3dd7','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"NOW_LEFT\",\"side\":\"LEFT\",\"typed\":\"812\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:54:47.269'),
(83,'fbd4f15b-f001-36fa-a571-d0bf0fa4fe31','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"NOW_RIGHT\",\"side\":\"LEFT\",\"typed\":\"811\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:55:40.269'),
(84,'f2ab982f-9177-33e8-bb7f-f6d8c41b366e','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.align\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:56:33.269'),
(85,'d569b6fb-fb4b-3bd6-8982-8e7faf1d8428','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"NOW_LEFT\",\"side\":\"RIGHT\",\"typed\":\"811\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:57:26.269'),
(86,'89922129-740a-3d13-8044-8edd5aa89003','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"measure\":{\"field\":\"NOW_RIGHT\",\"side\":\"RIGHT\",\"typed\":\"801\",\"units\":\"METRIC\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:58:19.269'),
(87,'ca398937-ddbd-33fc-a00b-e93565af3ae4','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.recheck\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 07:59:12.269'),
(88,'c4914856-4f3b-3f53-9674-a1de78b27190','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"step\":{\"step\":\"bench.glue\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 08:00:05.269'),
(89,'414c4e9f-8c06-3074-962c-c383345256cb','01900000-0000-7000-8000-000000000001','e2ca9810-e615-3208-b037-d7e400e43587','{\"stage\":\"BENCH\",\"timer\":{\"name\":\"full epoxy, left\",\"kind\":\"CURE\",\"side\":\"LEFT\",\"adhesive\":\"FULL_EPOXY\",\"time\":\"36 h\"},\"waitedMs\":0}',NULL,'Ilse','2026-11-29 08:00:58.269'),
(90,'67dd9fe0-7d43-34c8-8f57-6085f8102fd8','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.negative\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 13:55:48.269'),
(91,'ce40ed99-d3e5-3dc5-8d16-7c4ead17b282','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"out\":{\"count\":3,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.86,\"up\":0.62},\"where\":\"\",\"tray\":\"tray 1\",\"holds\":\"left headlamp\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 13:56:41.269'),
(92,'0a54147c-c30a-3d75-aece-9f77c5a50e8c','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"PIECE\",\"name\":\"left headlamp\",\"size\":\"\",\"thread\":\"\",\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 13:57:34.269'),
(93,'e5f33efc-498d-39ed-89bf-1842c0fbfb93','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"out\":{\"count\":2,\"kind\":\"CONNECTOR\",\"name\":\"left lamp\",\"size\":\"\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.86,\"up\":0.5},\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 13:58:27.269'),
(94,'b7b2e3ae-159e-3201-b810-d2088172d70c','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"out\":{\"count\":3,\"kind\":\"BOLT\",\"name\":\"\",\"size\":\"10 mm\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.14,\"up\":0.62},\"where\":\"\",\"tray\":\"tray 2\",\"holds\":\"right headlamp\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 13:59:20.269'),
(95,'3174a6cc-d59a-31c5-8305-39ea3ecda9d7','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"out\":{\"count\":1,\"kind\":\"PIECE\",\"name\":\"right headlamp\",\"size\":\"\",\"thread\":\"\",\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:00:13.269'),
(96,'88a80404-c1c4-379d-91a6-08b73e40eb50','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"out\":{\"count\":2,\"kind\":\"CONNECTOR\",\"name\":\"right lamp\",\"size\":\"\",\"thread\":\"\",\"spot\":{\"view\":\"FRONT\",\"across\":0.14,\"up\":0.5},\"where\":\"\",\"tray\":\"\",\"holds\":\"\",\"asFound\":\"SOUND\",\"hidden\":false,\"people\":1,\"note\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:01:06.269'),
(97,'f89d369d-f40a-3444-9c78-3a828ff20eab','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"APART\",\"step\":{\"step\":\"apart.front\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:01:59.269'),
(98,'8ca62a88-f599-384d-9687-8ac0573566f7','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"step\":{\"step\":\"prove.connect\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:02:52.269'),
(99,'944d7125-9686-3e8a-8f36-d86d9fa22105','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"step\":{\"step\":\"prove.power\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:03:45.269'),
(100,'ed5574a8-19c7-3c99-a1f9-9b383fc34eaf','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle OUT\",\"POSITION RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:04:38.269'),
(101,'811827b7-d3da-3242-a51e-50cb8387958c','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"bb6e204819add065 OUT\",\"DIPPED RIGHT\":\"1ca83f6a08046ef9 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:05:31.269'),
(102,'b29ce35e-b5de-3c33-be72-1983e1109b71','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"df14daee3b0c965b OUT\",\"MAIN RIGHT\":\"d6416da6bc2eef79 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:06:24.269'),
(103,'afb5a08f-3ae0-3b14-bd36-fb5624cf68d6','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"key out\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:07:17.269'),
(104,'7fd8ea71-dceb-3bdd-9470-e1d88ae0c3f1','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"side lamps\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle FULL\",\"POSITION RIGHT\":\"vehicle FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:08:10.269'),
(105,'2bebcf60-e531-3f56-8a2e-e791753d8613','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"side lamps\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"bb6e204819add065 OUT\",\"DIPPED RIGHT\":\"1ca83f6a08046ef9 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:09:03.269'),
(106,'da280416-b4ba-30d1-bfcf-3a66a7adf1c7','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"side lamps\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"df14daee3b0c965b OUT\",\"MAIN RIGHT\":\"d6416da6bc2eef79 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:09:56.269'),
(107,'e0309492-c20d-39fa-b203-1246e8c82159','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"side lamps\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:10:49.269'),
(108,'6dcf53ba-64bd-36e5-a868-ea0c6c2c5dd5','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"low beam\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle FULL\",\"POSITION RIGHT\":\"vehicle FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:11:42.269'),
(109,'1ead3a50-8c63-3c69-b9ed-14251571eb9b','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"low beam\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"bb6e204819add065 FULL\",\"DIPPED RIGHT\":\"1ca83f6a08046ef9 FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:12:35.269'),
(110,'5926937f-cdfc-3887-af02-2b9979207f16','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"low beam\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"df14daee3b0c965b OUT\",\"MAIN RIGHT\":\"d6416da6bc2eef79 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:13:28.269'),
(111,'08d64a77-afd6-3301-ba07-192c84fe5353','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"low beam\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:14:21.269'),
(112,'ec5f6032-fb32-3edc-8884-81b640ff14f9','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"main beam\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle FULL\",\"POSITION RIGHT\":\"vehicle FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:15:14.269'),
(113,'51481ea3-07ee-3fcb-b3d7-776c1b6a4466','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"main beam\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"bb6e204819add065 FULL\",\"DIPPED RIGHT\":\"1ca83f6a08046ef9 FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:16:07.269'),
(114,'dbdd123d-abcf-3cac-b8c9-0e8f98f35f4f','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"main beam\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"df14daee3b0c965b FULL\",\"MAIN RIGHT\":\"d6416da6bc2eef79 FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:17:00.269'),
(115,'81439e6a-8526-3716-bd92-21ac7720bb30','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"main beam\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:17:53.269'),
(116,'4fb83820-96a5-37ff-8fa5-58ad0eed4fee','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"headlamp flash\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle OUT\",\"POSITION RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:18:46.269'),
(117,'3aed8137-9185-3579-9047-eb9e4daa6d42','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"headlamp flash\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"bb6e204819add065 OUT\",\"DIPPED RIGHT\":\"1ca83f6a08046ef9 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:19:39.269'),
(118,'8a7b2b59-7792-3555-9cf8-26c69d2367a5','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"headlamp flash\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"df14daee3b0c965b FULL\",\"MAIN RIGHT\":\"d6416da6bc2eef79 FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:20:32.269'),
(119,'64a7aeb3-968f-381b-abb1-3debaa05a9ca','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"headlamp flash\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:21:25.269'),
(120,'ba61aded-b14f-3ea8-8ed2-535f30f4d1a4','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"engine, lights off\",\"function\":\"POSITION\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"POSITION LEFT\":\"vehicle OUT\",\"POSITION RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:22:18.269'),
(121,'0374f833-50cf-30e1-b175-f0c3e1e7c347','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"engine, lights off\",\"function\":\"DIPPED\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"DIPPED LEFT\":\"bb6e204819add065 OUT\",\"DIPPED RIGHT\":\"1ca83f6a08046ef9 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:23:11.269'),
(122,'c3a7c00b-8ec6-3476-8d6b-0c68f1087ef9','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"engine, lights off\",\"function\":\"MAIN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"MAIN LEFT\":\"df14daee3b0c965b OUT\",\"MAIN RIGHT\":\"d6416da6bc2eef79 OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:24:04.269'),
(123,'d6ee89ad-a90a-3979-b2b5-4580e9e12254','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"engine, lights off\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:24:57.269'),
(124,'9c0d9b9a-52a0-3416-845e-617eceaed6bc','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"turn left\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle FULL\",\"TURN RIGHT\":\"vehicle OUT\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:25:50.269'),
(125,'31d4c9b4-5609-3453-a5db-90ccccc9d957','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"PROVE\",\"proof\":{\"state\":\"turn right\",\"function\":\"TURN\",\"outcome\":\"WORKS\",\"tries\":0,\"seen\":\"\",\"basis\":{\"TURN LEFT\":\"vehicle OUT\",\"TURN RIGHT\":\"vehicle FULL\"}},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:26:43.269'),
(126,'46c735fc-8e49-31e1-a89d-19669941b4b1','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"TOGETHER\",\"step\":{\"step\":\"together.reach\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:27:36.269'),
(127,'88beb37a-573f-3935-82df-f84b48fd804d','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"TOGETHER\",\"step\":{\"step\":\"together.behind\",\"skipped\":false,\"reason\":\"\",\"without\":\"\"},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:28:29.269'),
(128,'22a5d0dc-8a21-3b25-b0e4-f52898132a51','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"88a80404-c1c4-379d-91a6-08b73e40eb50\",\"move\":\"BACK\",\"count\":2},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:29:22.269'),
(129,'323dc33d-f01f-3cf2-9a16-32b4133eee8e','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"3174a6cc-d59a-31c5-8305-39ea3ecda9d7\",\"move\":\"BACK\",\"count\":1},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:30:15.269'),
(130,'008652c0-62ec-3811-a54e-5441f36d8d07','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"b7b2e3ae-159e-3201-b810-d2088172d70c\",\"move\":\"BACK\",\"count\":3},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:31:08.269'),
(131,'126ed91f-d11b-35f9-9224-3c65e79cb3b5','01900000-0000-7000-8000-000000000001','e38e4f46-d4e3-3a91-8ff7-7a4bf307c769','{\"stage\":\"TOGETHER\",\"move\":{\"row\":\"e5f33efc-498d-39ed-89bf-1842c0fbfb93\",\"move\":\"BACK\",\"count\":1},\"waitedMs\":0}',NULL,'Marten','2026-11-29 14:32:01.269');
/*!40000 ALTER TABLE `workshop_entry` ENABLE KEYS */;
UNLOCK TABLES;
/*!40103 SET TIME_ZONE=@OLD_TIME_ZONE */;

/*!40101 SET SQL_MODE=@OLD_SQL_MODE */;
/*!40014 SET FOREIGN_KEY_CHECKS=@OLD_FOREIGN_KEY_CHECKS */;
/*!40014 SET UNIQUE_CHECKS=@OLD_UNIQUE_CHECKS */;
/*!40101 SET CHARACTER_SET_CLIENT=@OLD_CHARACTER_SET_CLIENT */;
/*!40101 SET CHARACTER_SET_RESULTS=@OLD_CHARACTER_SET_RESULTS */;
/*!40101 SET COLLATION_CONNECTION=@OLD_COLLATION_CONNECTION */;
/*!40111 SET SQL_NOTES=@OLD_SQL_NOTES */;

